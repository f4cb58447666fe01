<?php

declare(strict_types=1);

namespace Tests\Feature\OldDatabaseTest;

use App\Files\FileStore;
use App\JobFile\JobEditor;
use App\JobFile\JobRows;
use App\Models\Job;
use App\Models\User;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Underpin\Job\Role;

/** The migrations that an installation of the old shape had seen. */
const OLD_MIGRATIONS = 7;

beforeEach(function () {
    Storage::fake('local');
    config(['database.connections.old' => [...config('database.connections.mariadb'), 'database' => 'underpin_old']]);
    $this->usual = DB::getDefaultConnection();
    DB::setDefaultConnection('old');
    $files = array_slice(glob(database_path('migrations/*.php')), 0, OLD_MIGRATIONS);
    Artisan::call('migrate:fresh', ['--path' => $files, '--realpath' => true, '--force' => true]);
});

afterEach(function () {
    DB::setDefaultConnection($this->usual);
    DB::purge('old');
});

/** A job of the old shape: three changes and one more that was taken back, a photo that was removed, data of the utility. */
function oldJob(): int
{
    $now = '2026-11-20 10:00:00';
    $put = fn (string $table, array $row): int => DB::table($table)->insertGetId($row);
    $shop = $put('shops', ['name' => 'Old shop']);
    $user = $put('users', ['shop_id' => $shop, 'name' => 'Olga', 'email' => 'olga@old.example', 'password' => 'x']);
    $job = $put(
        'jobs',
        [
            'shop_id' => $shop, 'name' => 'Old house', 'customer_name' => 'A. Person', 'notes' => '', 'connection' => 'interlock',
            'history_at' => 4, 'created_at' => $now, 'updated_at' => $now,
        ],
    );
    $panel = $put(
        'panels',
        ['job_id' => $job, 'key' => 'main', 'position' => 0, 'name' => 'Main panel', 'kind' => 'main', 'spaces' => 20, 'main_a' => 200],
    );
    $circuit = [
        'job_id' => $job, 'panel_id' => $panel, 'space' => 2, 'half' => null, 'poles' => 1, 'amps' => 20, 'protection' => 'none',
        'note' => '', 'keep_on' => '',
    ];
    $first = $put('circuits', [...$circuit, 'key' => 'c2', 'name' => 'Fridge', 'role' => 'must']);
    // Removed rows stand in the history as the database gave them.
    $removed = function (string $table, array $row) use ($put): array {
        $row = (array) DB::table($table)->find($put($table, $row));

        return ['table' => $table, 'id' => $row['id'], 'before' => $row, 'after' => null];
    };
    $gone = $removed('circuits', [...$circuit, 'key' => 'c4', 'space' => 4, 'name' => 'Boiler', 'role' => 'off']);
    $lost = $removed(
        'loads',
        [
            'job_id' => $job, 'circuit_id' => $gone['id'], 'key' => 'l4', 'position' => 0, 'name' => 'Boiler', 'kind' => 'boiler',
            'run_w' => 240, 'start_w' => 600, 'pf' => 1,
        ],
    );
    DB::table('circuits')->where('id', $gone['id'])->delete();
    $photo = [
        'id' => 5, 'job_id' => $job, 'key' => 'p1', 'of' => 'circuit', 'of_key' => 'c2', 'name' => 'door.jpg', 'width' => 2, 'height' => 2,
        'bytes' => 4, 'added_at' => $now,
    ];
    Storage::disk('local')->put("photos/$job/p1.jpg", 'JPEG');
    Storage::disk('local')->put("photos/$job/p1-small.jpg", 'SMALL');
    $put('interval_records', ['job_id' => $job, 'file' => 'year.csv', 'summary' => '{"count":1}', 'added_at' => $now]);
    $changes = [
        ['2 Fridge: must run', [['table' => 'circuits', 'id' => $first, 'before' => ['role' => 'off'], 'after' => ['role' => 'must']]]],
        ['4 Boiler removed', [$lost, $gone]],
        [
            'Connection: interlock',
            [['table' => 'jobs', 'id' => $job, 'before' => ['connection' => null], 'after' => ['connection' => 'interlock']]],
        ],
        ['Photo door.jpg removed', [['table' => 'photos', 'id' => 5, 'before' => $photo, 'after' => null]]],
        [
            'Job and customer',
            [['table' => 'jobs', 'id' => $job, 'before' => ['customer_name' => 'A. Person'], 'after' => ['customer_name' => 'B. Person']]],
        ],
    ];
    foreach ($changes as $i => [$label, $ops]) {
        $put(
            'job_changes',
            ['job_id' => $job, 'seq' => $i + 1, 'user_id' => $user, 'label' => $label, 'ops' => json_encode($ops), 'created_at' => $now],
        );
    }

    return $job;
}

it('carries a database of the old shape over: what stands, what can be taken back, and what can be done again', function () {
    $id = oldJob();
    Artisan::call('migrate', ['--force' => true]);
    $job = Job::query()->findOrFail($id);
    $user = User::query()->firstOrFail();
    $file = JobRows::read($job);
    expect([$file->name, $file->customer->name, $file->connection->way])->toBe(['Old house', 'A. Person', 'interlock'])
        ->and($file->service->panels[0]->circuit('c2')?->role)->toBe(Role::Must)
        ->and($job->events()->orderBy('seq')->pluck('label')->all())->toBe(
            [
                '2 Fridge: must run', '4 Boiler removed', 'Connection: interlock', 'Photo door.jpg removed', 'Job and customer',
                'Job and customer',
            ]
        )
        ->and($job->events()->pluck('by')->unique()->all())->toBe(['Olga'])
        ->and(FileStore::get($job->intervalRecords()->firstOrFail()->hash))->toBe('{"count":1}');

    // What had been taken back is done again, and taken back.
    JobEditor::redo($job, $user, 6);
    expect(JobRows::read($job->refresh())->customer->name)->toBe('B. Person');
    JobEditor::undo($job, $user, 7);
    expect(JobRows::read($job->refresh())->customer->name)->toBe('A. Person');

    JobEditor::undo($job, $user, 4);
    $photo = $job->photos()->firstOrFail();
    expect([$photo->name, FileStore::get($photo->hash), FileStore::get($photo->small_hash)])->toBe(['door.jpg', 'JPEG', 'SMALL']);
    JobEditor::undo($job, $user, 3);
    expect(JobRows::read($job->refresh())->connection->way)->toBeNull();
    JobEditor::undo($job, $user, 2);
    $boiler = JobRows::read($job->refresh())->service->panels[0]->circuit('c4');
    expect([$boiler?->name, $boiler?->loads[0]->startW])->toBe(['Boiler', 600.0]);
    JobEditor::undo($job, $user, 1);
    expect(JobRows::read($job->refresh())->service->panels[0]->circuit('c2')?->role)->toBe(Role::Off);
});

it('reads every event of a job that was carried over after a part has gained a field', function () {
    $job = Job::query()->findOrFail((function (): int {
        $id = oldJob();
        Artisan::call('migrate', ['--force' => true]);

        return $id;
    })());
    // As if it had been written before anybody asked what must stay on.
    $event = $job->events()->where('seq', 2)->firstOrFail();
    $changes = (array) json_decode(str_replace(',"keep_on":""', '', (string) json_encode($event->getAttribute('changes'))), true);
    DB::table('job_events')->where('id', $event->id)->update(['changes' => json_encode($changes)]);
    $user = User::query()->firstOrFail();
    foreach ([4, 3, 2] as $seq) {
        JobEditor::undo($job->refresh(), $user, $seq);
    }
    expect(JobRows::read($job->refresh())->service->panels[0]->circuit('c4')?->keepOn)->toBe('');
});

it('makes the first of each shop its owner when nobody had a role yet', function () {
    foreach (['One', 'Two'] as $name) {
        $shop = DB::table('shops')->insertGetId(['name' => $name]);
        foreach (['first', 'second'] as $person) {
            DB::table('users')->insert(['shop_id' => $shop, 'name' => $person, 'email' => "$person@$name.example", 'password' => 'x']);
        }
    }
    Artisan::call('migrate', ['--force' => true]);
    expect(User::query()->orderBy('id')->get()->map(fn (User $user): string => "$user->name {$user->role->value}")->all())
        ->toBe(['first owner', 'second electrician', 'first owner', 'second electrician']);
});
