<?php

declare(strict_types=1);

use Illuminate\Filesystem\Filesystem;
use Symfony\Component\Process\Process;
use Tests\Support\Servers;
use Tests\Support\Stack;

/*
 * A backup of the served app while twenty people write, put into another folder with a database of its own.
 */

const WRITER = <<<'PHP'
    require 'vendor/autoload.php';
    [, $url, $job, $circuit, $role, $stop] = $argv;
    $visitor = new App\Bench\Visitor($url);
    $visitor->signIn('nell@ridgeandharbor.example', 'demo-shop-2026');
    for ($n = 0; ! is_file($stop); $n++) {
        $answer = $visitor->change("/jobs/$job/circuits/$circuit/role", 'PATCH', ['role' => $n % 2 === 0 ? 'off' : 'must']);
        echo $answer->getStatusCode() === 200 ? "kept\n" : "refused\n";
    }
    // As it was: others test with these houses too.
    $visitor->change("/jobs/$job/circuits/$circuit/role", 'PATCH', ['role' => $role]);
    PHP;

beforeEach(function (): void {
    $this->stack = Servers::name();
    $this->folder = sys_get_temp_dir().'/underpin-backup-'.bin2hex(random_bytes(6));
    mkdir($this->folder, 0700);
    // Everything but what packages and start put there; the code must be the copy's own, or it would take this folder for its own.
    (new Process(['bash', '-c', 'cp -a app artisan bin bootstrap composer.json config core database lang resources routes "$1"
        ln -s "$PWD/vendor" "$1/vendor"; rm -f "$1"/bootstrap/cache/*.php', 'copy', $this->folder], dirname(__DIR__, 2)))->mustRun();
    $this->rows = fn (string $root, string $stack, string $sql): array => explode("\n", trim(
        Stack::commands($root, $stack, 'mariadb_admin -N underpin -e '.escapeshellarg($sql))->mustRun()->getOutput(),
    ));
    $this->history = fn (string $root, string $stack): array => ($this->rows)(
        $root, $stack, 'select concat(job_id, ".", seq), user_id, `by`, label, changes, undoes, redoes, created_at
            from job_events order by job_id, seq',
    );
});

afterEach(function (): void {
    Stack::commands($this->folder, 'app', 'stack_down')->run();
    (new Filesystem)->deleteDirectory($this->folder);
});

it('takes the shop as it was at one moment while twenty people write, and puts it into another folder', function (): void {
    $circuits = ($this->rows)(
        dirname(__DIR__, 2), $this->stack, 'select circuits.job_id, circuits.key, circuits.role from circuits
            join jobs on jobs.id = job_id where deleted_at is null order by circuits.id limit 20',
    );
    $writers = [];
    foreach ($circuits as $circuit) {
        [$job, $key, $role] = explode("\t", $circuit);
        $writer = new Process(
            ['php', '-r', WRITER, '--', (string) getenv('UNDERPIN_URL'), $job, $key, $role, "{$this->folder}/stop"], dirname(__DIR__, 2),
        );
        $writer->start();
        $writers[] = $writer;
    }
    // Each has changed something: the first change may be to what was there.
    $areAtWork = fn (): bool => min(array_map(fn (Process $writer): int => substr_count($writer->getOutput(), 'kept'), $writers)) >= 2;
    for ($i = 0; $i < 1200 && ! $areAtWork(); $i++) {
        usleep(50_000);
    }
    expect($areAtWork())->toBeTrue();
    $before = ($this->history)(dirname(__DIR__, 2), $this->stack);
    Stack::commands(dirname(__DIR__, 2), $this->stack, 'backup_to "'.$this->folder.'/shop.tar.gz"')->mustRun();
    touch("{$this->folder}/stop");
    array_map(fn (Process $writer) => $writer->wait(), $writers);
    $after = ($this->history)(dirname(__DIR__, 2), $this->stack);

    Stack::commands($this->folder, 'app', 'make_environment; restore_from "$ROOT/shop.tar.gz"')->mustRun();
    Stack::commands($this->folder, 'app', 'stack_up 8770')->mustRun();
    $restored = ($this->history)($this->folder, 'app');

    // All that was acknowledged before is there, nothing that was never written, and of each job its history up to one moment.
    expect(array_diff($before, $restored))->toBe([])
        ->and(array_diff($restored, $after))->toBe([])
        ->and(count($restored))->toBeGreaterThan(count($before))->toBeLessThan(count($after));
    $byJob = [];
    foreach ($restored as $event) {
        $byJob[(int) $event][] = $event;
    }
    foreach ($byJob as $job => $events) {
        $all = array_values(array_filter($after, fn (string $event): bool => (int) $event === $job));
        expect($events)->toBe(array_slice($all, 0, count($events)));
    }
    // Each breaker is as the last event about it says.
    $roles = ($this->rows)($this->folder, 'app', 'select concat(job_id, " ", `key`), role from circuits');
    $last = [];
    foreach ($restored as $event) {
        [$at,,, , $changes] = explode("\t", $event);
        foreach (json_decode(stripslashes($changes), true) ?? [] as $change) {
            if (($change['key'][4] ?? '') === 'role') {
                $last[(int) $at.' '.$change['key'][3]] = $change['to'];
            }
        }
    }
    expect(count($last))->toBeGreaterThanOrEqual(20);
    foreach ($last as $circuit => $role) {
        expect($roles)->toContain("$circuit\t$role");
    }
});

it('refuses what is no backup, what was changed since, and to write over anything', function (string $spoil, string $says): void {
    Stack::commands(dirname(__DIR__, 2), $this->stack, 'backup_to "'.$this->folder.'/shop.tar.gz"')->mustRun();
    $restore = Stack::commands($this->folder, 'app', "make_environment; file=\$ROOT/shop.tar.gz\n$spoil\nrestore_from \"\$file\"");

    expect($restore->run())->not->toBe(0)
        ->and($restore->getErrorOutput().$restore->getOutput())->toContain($says)
        ->and(is_dir("{$this->folder}/storage/stack/app/mariadb"))->toBeFalse()
        ->and(glob("{$this->folder}/storage/stack/app/restore.*"))->toBe([]);
})->with([
    'cut short' => ['truncate -s 20000 "$file"', 'Reading'],
    'not one of ours' => ['echo hello >"$file"', 'Reading'],
    'a figure changed' => [
        'mkdir "$ROOT/x"; tar -xzf "$file" -C "$ROOT/x"; sed -i s/Nell/Ness/ "$ROOT/x/database.sql"; tar -czf "$file" -C "$ROOT/x" .',
        'database.sql',
    ],
    'of a later form' => [
        'mkdir "$ROOT/x"; tar -xzf "$file" -C "$ROOT/x"; echo "underpin backup 99" >"$ROOT/x/format"; tar -czf "$file" -C "$ROOT/x" .',
        'not a backup of Underpin, or of a later form',
    ],
    'written over' => ['backup_to "$file"', 'a backup is never written over'],
]);

it('puts nothing in place that lacks a photo, or is not what was written down of it', function (string $spoil, string $says): void {
    Stack::commands(dirname(__DIR__, 2), $this->stack, 'backup_to "'.$this->folder.'/shop.tar.gz"')->mustRun();
    $restore = Stack::commands($this->folder, 'app', 'make_environment; file=$ROOT/shop.tar.gz
        mkdir "$ROOT/x"; cd "$ROOT/x"; tar -xzf "$file"
        '.$spoil.'
        find . -type f ! -name sums -print0 | xargs -0 sha256sum >sums; tar -czf "$file" .; cd "$ROOT"
        restore_from "$file"');

    expect($restore->run())->not->toBe(0)
        ->and($restore->getErrorOutput())->toContain($says)
        ->and(($this->rows)($this->folder, 'app', 'show tables'))->toBe(['']);
})->with([
    'a file gone' => [
        'rm files/*/"$(grep -oE \'^        "[0-9a-f]{64}\' digest.json | head -n 1 | tr -d \' "\')"', 'is not there as it was',
    ],
    'an event gone' => ['sed -i -E "/INSERT INTO .job_events./{n;d}" database.sql', 'job_events'],
]);
