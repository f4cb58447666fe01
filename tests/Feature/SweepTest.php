<?php

declare(strict_types=1);

use App\Files\FileStore;
use App\JobFile\JobEditor;
use App\JobFile\JobState;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Storage;

it('takes away only what no row and no event names, and nothing that is young', function () {
    Storage::fake('local');
    $user = $this->person();
    $job = $this->job($user);
    [$shown, $small, $removed, $nobodys, $young] = array_map(FileStore::put(...), ['shown', 'small', 'removed', 'nobody\'s', 'young']);
    $photo = fn (string $key, string $hash): array => [
        'id' => $key, 'of' => 'stage', 'of_key' => 'survey', 'name' => "$key.jpg", 'width' => 1, 'height' => 1, 'bytes' => 1,
        'hash' => $hash, 'small_hash' => $small, 'added_at' => '2026-11-01 10:00:00',
    ];
    $add = fn (array $photo) => JobEditor::attach(
        $job, $user, 'Photo', fn (JobState $s) => $s->withAttachments($s->attachments->withPhoto($photo)),
    );
    $add($photo('a', $shown));
    $add($photo('b', $removed));
    JobEditor::attach($job, $user, 'Removed', fn (JobState $s) => $s->withAttachments($s->attachments->withoutPhoto('b')));
    $disk = Storage::disk('local');
    $disk->put('uploads/old.csv', 'x');
    $disk->put('uploads/new.csv', 'x');
    foreach ([...$disk->allFiles('files'), 'uploads/old.csv'] as $path) {
        if (basename($path) !== $young) {
            touch($disk->path($path), time() - 100_000);
        }
    }
    Artisan::call('underpin:sweep');
    expect(array_map(FileStore::has(...), [$shown, $small, $removed, $nobodys, $young]))->toBe([true, true, true, false, true])
        ->and($disk->files('uploads'))->toBe(['uploads/new.csv']);
    // What was removed can still be brought back.
    JobEditor::undo($job, $user, 3);
    expect(FileStore::get($job->photos()->where('key', 'b')->firstOrFail()->hash))->toBe('removed');
});
