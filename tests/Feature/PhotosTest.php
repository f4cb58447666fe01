<?php

declare(strict_types=1);

use App\Files\DurableFile;
use App\Files\FileStore;
use App\Files\NotKept;
use App\Models\Run;
use App\Runs\RunState;
use App\Runs\RunWork;
use App\Runs\Tasks;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Storage;
use Tests\Support\FullDisk;
use Tests\Support\Pictures;

beforeEach(function () {
    Storage::fake('local');
    $this->user = $this->person();
    $this->job = $this->job($this->user);
    $this->actingAs($this->user);
    $this->base = "/jobs/{$this->job->id}";
    $this->send = fn (array $files, array $of = ['of' => 'circuit', 'of_key' => 'c4']) => $this->post(
        "$this->base/photos", $of + ['photos' => $files], ['X-Parts' => '1', 'Accept' => 'application/json'],
    );
});

it('keeps a photo upright, small and without its position', function () {
    $bytes = Pictures::withPosition(600, 400, orientation: 6);
    expect($bytes)->toContain('Exif')->and(exif_read_data('data://image/jpeg;base64,'.base64_encode($bytes))['GPSLatitudeRef'])->toBe('N');
    ($this->send)([UploadedFile::fake()->createWithContent('door.jpg', $bytes)])->assertOk()->assertSee('part-photos-circuit-c4', false);
    $photo = $this->job->photos()->firstOrFail();
    expect([$photo->width, $photo->height, $photo->name])->toBe([400, 600, 'door.jpg']);
    $kept = (string) file_get_contents($this->get("$this->base/photos/$photo->key")->assertOk()->baseResponse->getFile()->getPathname());
    expect($kept)->not->toContain('Exif')->not->toContain('GPS')->and(getimagesizefromstring($kept)[0])->toBe(400);
    // The top left quarter of the picture was red before it was turned: now that is the top right.
    $image = imagecreatefromstring($kept);
    expect(imagecolorat($image, 350, 50) >> 16 & 255)->toBeGreaterThan(200)
        ->and(imagecolorat($image, 50, 50) >> 16 & 255)->toBeLessThan(80);
    $small = (string) file_get_contents($this->get("$this->base/photos/$photo->key/small")->baseResponse->getFile()->getPathname());
    expect(max(getimagesizefromstring($small)[0], getimagesizefromstring($small)[1]))->toBe(360);
});

it('names a bad file and keeps the good ones', function () {
    $answer = ($this->send)([
        UploadedFile::fake()->createWithContent('good.jpg', Pictures::plain(50, 40)),
        UploadedFile::fake()->createWithContent('notes.jpg', 'no picture'),
        UploadedFile::fake()->createWithContent('cut.jpg', substr(Pictures::plain(500, 400), 0, 300)),
        UploadedFile::fake()->createWithContent('empty.png', ''),
    ])->assertOk();
    $said = rawurldecode((string) $answer->headers->get('X-Said'));
    expect($said)->toContain('Photo added')->toContain('notes.jpg: not added')->toContain('empty.png: not added');
    expect($this->job->photos()->pluck('name')->all())->toContain('good.jpg')->not->toContain('notes.jpg');
});

it('refuses what is no photo of anything', function (array $of, array $files, string $field) {
    ($this->send)($files, $of)->assertStatus(422)->assertJsonValidationErrors($field);
    expect($this->job->photos()->count())->toBe(0);
})->with([
    'no file' => [['of' => 'stage', 'of_key' => 'survey'], [], 'photos'],
    'no such stage' => [['of' => 'stage', 'of_key' => 'party'], [UploadedFile::fake()->createWithContent('a.jpg', 'x')], 'of_key'],
    'no such thing' => [['of' => 'roof', 'of_key' => 'x'], [UploadedFile::fake()->createWithContent('a.jpg', 'x')], 'of'],
    'a script' => [
        ['of' => 'stage', 'of_key' => 'survey'],
        [UploadedFile::fake()->createWithContent('a.svg', '<svg xmlns="http://www.w3.org/2000/svg"><script>1</script></svg>')], 'photos',
    ],
    'a picture of a billion pixels' => [
        ['of' => 'stage', 'of_key' => 'survey'], [UploadedFile::fake()->createWithContent('a.png', Pictures::claiming(40_000, 40_000))],
        'photos',
    ],
]);

it('takes a photo away and brings it back', function () {
    ($this->send)([UploadedFile::fake()->createWithContent('a.jpg', Pictures::plain(50, 40))], ['of' => 'panel', 'of_key' => 'main']);
    $photo = $this->job->photos()->firstOrFail();
    $this->delete("$this->base/photos/$photo->key")->assertRedirect();
    $this->get("$this->base/photos/$photo->key")->assertStatus(409);
    $this->post("$this->base/undo", ['seq' => 2])->assertRedirect();
    $this->get("$this->base/photos/$photo->key")->assertOk();
    $this->get("$this->base/survey")->assertSee('a.jpg');
});

it('shows no photo to another shop', function () {
    ($this->send)([UploadedFile::fake()->createWithContent('a.jpg', Pictures::plain(50, 40))]);
    $photo = $this->job->photos()->firstOrFail();
    $this->flushSession();
    $this->actingAs($this->person('eve@two.example'))->get("$this->base/photos/$photo->key")->assertNotFound();
});

it('acknowledges no photo that did not get to the disk, and says why', function () {
    file_put_contents(Storage::disk('local')->path('files'), 'a file where the folder would be');
    ($this->send)([UploadedFile::fake()->createWithContent('door.jpg', Pictures::plain(50, 40))])
        ->assertStatus(422)->assertJsonPath('errors.photos.0', 'door.jpg: not added, the server cannot write to its disk. '
            .'It is still on your device: send it again later.');
    expect($this->job->photos()->count())->toBe(0)->and($this->job->events()->count())->toBe(0);
});

it('trusts no file that lies there by halves', function () {
    $bytes = 'whole contents';
    $hash = FileStore::put($bytes);
    file_put_contents(FileStore::fullPath($hash), 'whole con');
    expect(FileStore::put($bytes))->toBe($hash)->and(FileStore::get($hash))->toBe($bytes)
        ->and(fileperms(FileStore::fullPath($hash)) & 0777)->toBe(0600)
        ->and(glob(dirname(FileStore::fullPath($hash)).'/*.part'))->toBe([]);
});

it('writes a file whole or not at all', function () {
    stream_wrapper_register('full', FullDisk::class);
    try {
        expect(fn () => DurableFile::write('full://disk/a', 'bytes'))->toThrow(NotKept::class)
            ->and(fn () => DurableFile::copy(__FILE__, 'full://disk/b'))->toThrow(NotKept::class)
            ->and(FullDisk::$left)->toBe([]);
    } finally {
        stream_wrapper_unregister('full');
    }
});

it('works a large picture off in the queue, and says that it is not kept before it is', function () {
    Queue::fake();
    $large = fn (): array => [UploadedFile::fake()->createWithContent('large.jpg', Pictures::plain(4000, 3300))];
    $said = rawurldecode((string) ($this->send)($large())->assertStatus(202)->assertSee('not kept yet')->headers->get('X-Said'));
    expect($said)->toBe('1 large photo being made smaller, not kept yet')->and($this->job->photos()->count())->toBe(0);
    $this->post("$this->base/photos", ['of' => 'circuit', 'of_key' => 'c4', 'photos' => $large()])->assertRedirect();
    $run = Run::query()->where('task', 'photo')->firstOrFail();
    (new RunWork($run->id))->handle(Tasks::standard());
    expect($run->refresh()->state)->toBe(RunState::Done)
        ->and($this->job->photos()->firstOrFail()->only(['name', 'width']))->toBe(['name' => 'large.jpg', 'width' => 2400])
        ->and(Storage::disk('local')->exists($run->input['path']))->toBeFalse();
    // The disk is full when the worker comes to the second.
    $second = Run::query()->where('task', 'photo')->where('state', 'waiting')->firstOrFail();
    Storage::disk('local')->deleteDirectory('files');
    file_put_contents(Storage::disk('local')->path('files'), '');
    (new RunWork($second->id))->handle(Tasks::standard());
    expect($second->refresh()->said)->toContain('large.jpg: not added, the server cannot write to its disk');
    $this->get("$this->base/survey?at=c4")->assertSee('large.jpg: not added');
});

it('keeps a photo although much was refused beside it: what is said fits any head', function () {
    $bad = array_map(
        fn (int $i): UploadedFile => UploadedFile::fake()->createWithContent(str_repeat('ü', 90)."$i.jpg", 'no picture'), range(1, 18),
    );
    $answer = ($this->send)([UploadedFile::fake()->createWithContent('good.jpg', Pictures::plain(50, 40)), ...$bad])->assertOk();
    expect(strlen((string) $answer->headers->get('X-Said')))->toBeLessThan(4000)
        ->and(rawurldecode((string) $answer->headers->get('X-Said')))->toStartWith('Photo added. ')->toEndWith('…')
        ->and($this->job->photos()->count())->toBe(1);
});
