<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Bench\BenchHouse;
use App\Bench\Times;
use App\Bench\Visitor;
use App\JobFile\JobEditor;
use App\Models\Machine;
use App\Models\User;
use App\Screens\SizeScreen;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Console\Command;
use Underpin\Service\Leg;
use Underpin\Sizing\BestSet;
use Underpin\Sizing\Contender;
use Underpin\Sizing\Fuel;
use Underpin\Sizing\Starter;
use Underpin\Sizing\StartOrder;
use Underpin\Sizing\Supply;

/** Measures what docs/performance.md records. Run it with ./underpin bench, which serves the app. */
final class Bench extends Command
{
    private const ROUNDS = 200;

    private const ROLE_RATIO = 2.5;

    private const PAGE_BYTES = 250_000;

    private const BEST_SET_MS = 2000;

    private const START_ORDER_MS = 50;

    protected $signature = 'underpin:bench {what? : role, sizing or page; all without}';

    protected $description = 'Measure against the figures in docs/performance.md';

    public function handle(): int
    {
        $given = $this->argument('what');
        $what = is_string($given) ? $given : null;
        $all = ['role' => $this->role(...), 'sizing' => $this->sizing(...), 'page' => $this->page(...)];
        if ($what !== null && ! isset($all[$what])) {
            $this->error('bench measures role, sizing or page.');

            return 2;
        }
        $good = true;
        foreach ($what === null ? $all : [$all[$what]] as $measure) {
            $good = $measure() && $good;
        }

        return $good ? 0 : 1;
    }

    /** A role change on a 42-space panel with 60 loads against the plainest signed-in page. */
    private function role(): bool
    {
        [$visitor, $path] = $this->visitorAndJob();
        $plain = new Times;
        $role = new Times;
        for ($i = -20; $i < self::ROUNDS; $i++) {
            $to = $i % 2 === 0 ? 'off' : 'must';
            $one = $i < 0 ? [new Times, new Times] : [$plain, $role];
            $one[0]->measure(fn () => $visitor->get('/account')->getBody()->getContents());
            $one[1]->measure(function () use ($visitor, $path, $to): void {
                $answer = $visitor->change("$path/circuits/c21/role", 'PATCH', ['role' => $to]);
                if ($answer->getStatusCode() !== 200) {
                    throw new \RuntimeException('A role change answered '.$answer->getStatusCode().'.');
                }
            });
        }
        $ratio = $role->median() / $plain->median();
        $this->line(sprintf('role change: median %.1f ms, 95 %% in %.1f ms; plainest page: median %.1f ms', $role->median(), $role->share(0.95), $plain->median()));

        return $this->verdict('role change to plainest page', $ratio, self::ROLE_RATIO, '%.2f');
    }

    private function sizing(): bool
    {
        $worst = 0.0;
        foreach (['equal worth' => 1, 'mixed worth' => 9] as $name => $most) {
            mt_srand(7);
            $times = new Times;
            foreach (range(1, 20) as $round) {
                $loads = array_map(fn (int $i): Contender => new Contender("l$i", Leg::cases()[mt_rand(0, 2)], mt_rand(100, 900) / 100, mt_rand(1, $most)), range(0, 19));
                $times->measure(fn () => BestSet::choose($round * 2, $round * 2.3, $loads));
            }
            $this->line(sprintf('best-set, 20 loads, %s: median %.0f ms, slowest %.0f ms', $name, $times->median(), $times->share(1.0)));
            $worst = max($worst, $times->share(1.0));
        }
        $starts = new Times;
        $loads = array_map(fn (int $i): Starter => new Starter("l$i", Leg::cases()[$i % 3], $i % 7, $i % 7 + $i % 31), range(0, 199));
        foreach (range(1, 50) as $ignored) {
            $starts->measure(fn () => StartOrder::best($loads));
        }
        $good = $this->verdict('best-set with 20 loads, ms', $worst, self::BEST_SET_MS, '%.0f');

        return $this->verdict('start-order with 200 loads, ms', $starts->median(), self::START_ORDER_MS, '%.2f') && $good;
    }

    /** Bytes over the wire of the first page of a job, with everything it loads. */
    private function page(): bool
    {
        [$visitor, $path] = $this->visitorAndJob();
        $page = $visitor->getCompressed("$path/loads");
        $bytes = strlen((string) $page->getBody());
        $html = (string) gzdecode((string) $page->getBody());
        preg_match_all('#(?:href|src)="[^"]*(/build/[^"]+|/mark\.svg)"#', $html, $found);
        $files = array_unique($found[1]);
        foreach ($files as $file) {
            $body = (string) $visitor->getCompressed($file)->getBody();
            $bytes += strlen($body);
            if (str_ends_with($file, '.css')) {
                preg_match_all('#url\(([^)]+\.woff2)\)#', (string) (gzdecode($body) ?: $body), $fonts);
                foreach ($fonts[1] as $font) {
                    $bytes += strlen((string) $visitor->getCompressed('/build/assets/'.basename($font))->getBody());
                }
            }
        }

        return $this->verdict('first page, bytes over the wire', (float) $bytes, self::PAGE_BYTES, '%.0f');
    }

    /** @return array{Visitor, string} signed in, and the path of a job with 60 loads */
    private function visitorAndJob(): array
    {
        $user = User::query()->firstOrFail();
        $machine = Machine::query()->where('shop_id', $user->shop_id)->where('key', 'badger-120')->firstOrFail();
        $job = JobEditor::create($user->shop, $user, BenchHouse::panelOf42(new Supply(SizeScreen::machine($machine), Fuel::Gasoline)))->row;
        $visitor = new Visitor(config()->string('app.url'));
        $visitor->signIn($user->email, DatabaseSeeder::PASSWORD);

        return [$visitor, "/jobs/$job->id"];
    }

    private function verdict(string $what, float $value, float $limit, string $format): bool
    {
        $this->line(sprintf("%s: $format (at most $format) %s", $what, $value, $limit, $value <= $limit ? 'kept' : 'NOT KEPT'));

        return $value <= $limit;
    }
}
