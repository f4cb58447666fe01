<?php

declare(strict_types=1);

namespace App\Http\Controllers\Jobs;

use App\Files\DurableFile;
use App\Files\FileStore;
use App\Files\NotKept;
use App\Http\Controllers\Controller;
use App\Http\Controllers\EditsJob;
use App\Http\FormInput;
use App\Http\JobResponse;
use App\Http\Requests\Jobs\PhotoStoreRequest;
use App\JobFile\Conflict;
use App\JobFile\JobEditor;
use App\JobFile\JobState;
use App\Models\Job;
use App\Models\Photo;
use App\Photos\JobPhotos;
use App\Photos\KeepPhoto;
use App\Photos\PhotoOf;
use App\Photos\Picture;
use App\Runs\Runs;
use App\Runs\RunState;
use App\Screens\JobScreen;
use App\Screens\Pages\PartHtml;
use App\Screens\PhotoShelf;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Underpin\Design\Design;
use Underpin\Install\InstallList;
use Underpin\Prove\ProveList;
use Underpin\Refused;
use Underpin\Say;
use Underpin\StageKey;

/** Photos of panels, circuits and stages. */
final class PhotoController extends Controller
{
    use EditsJob;

    /** Several at once: a bad file is named and refused, the good ones stay. */
    public function store(PhotoStoreRequest $request, Job $job): Response|RedirectResponse
    {
        $in = $request->values();
        $of = PhotoOf::from($in->text('of'));
        $this->guardSubject($job, $of, $in->text('of_key'));
        $files = array_values(array_filter((array) $request->file('photos'), fn (mixed $file): bool => $file instanceof UploadedFile));
        if ($files === []) {
            throw new Refused(
                'photos', 'Photos: choose at least one JPEG, PNG or WebP picture of at most '.(Picture::MOST_BYTES / 1e6).' MB.',
            );
        }
        $added = $waiting = 0;
        $refusals = [];
        foreach ($files as $file) {
            try {
                $this->add($job, $of, $in->text('of_key'), $file) ? $added++ : $waiting++;
            } catch (Refused $refused) {
                $refusals[] = $refused;
            }
        }
        if ($refusals !== [] && $added + $waiting === 0) {
            throw FormInput::refusal($refusals);
        }
        $said = implode('. ', array_filter([
            $added === 0 ? '' : ($added === 1 ? 'Photo added' : "$added photos added"),
            $waiting === 0 ? '' : Say::count($waiting, 'large photo').' being made smaller, not kept yet',
            ...array_map(fn (Refused $r): string => $r->getMessage(), $refusals),
        ]));

        $answer = $this->answer($request, $job, $of, $in->text('of_key'), $said);

        return $waiting === 0 || $answer instanceof RedirectResponse ? $answer : $answer->setStatusCode(Response::HTTP_ACCEPTED);
    }

    public function destroy(Request $request, Job $job, string $photo): Response|RedirectResponse
    {
        $found = $this->photo($job, $photo);
        JobEditor::attach(
            $job, $this->user(), "Photo $found->name removed",
            fn (JobState $state): JobState => $state->withAttachments($state->attachments->withoutPhoto($photo)),
        );

        return $this->answer($request, $job, PhotoOf::from($found->of), $found->of_key, 'Removed. Undo brings it back');
    }

    public function show(Job $job, string $photo): BinaryFileResponse
    {
        return $this->file($this->photo($job, $photo)->hash);
    }

    public function thumbnail(Job $job, string $photo): BinaryFileResponse
    {
        return $this->file($this->photo($job, $photo)->small_hash);
    }

    /** @return bool it is kept; false: it is large, and is worked off in the queue */
    private function add(Job $job, PhotoOf $of, string $ofKey, UploadedFile $file): bool
    {
        $name = mb_substr(mb_scrub($file->getClientOriginalName(), 'UTF-8'), 0, 120);
        if (! $file->isValid()) {
            throw new Refused(
                'photos', sprintf('%s: not added, it did not arrive whole or is over %d MB.', $name, Picture::MOST_BYTES / 1e6),
            );
        }
        $path = $file->getRealPath() ?: $file->getPathname();
        JobPhotos::guardRoom($job, $name);
        try {
            if (Picture::pixels($path, $name) > Picture::AT_ONCE_PIXELS) {
                return $this->later($job, $of, $ofKey, $path, $name);
            }
            JobPhotos::keep($job, $this->user(), $of, $ofKey, $name, Picture::read($path, $name));

            return true;
        } catch (NotKept $fault) {
            report($fault);
            throw new Refused('photos', "$name: not added, {$fault->getMessage()}. It is still on your device: send it again later.");
        }
    }

    /** A web worker has no room for it. */
    private function later(Job $job, PhotoOf $of, string $ofKey, string $path, string $name): bool
    {
        $upload = 'uploads/'.$this->newKey();
        DurableFile::copy($path, Storage::disk('local')->path($upload));
        $run = Runs::begin($job, $this->user(), new KeepPhoto, "Photo $name", [
            'path' => $upload, 'name' => $name, 'of' => $of->value, 'of_key' => $ofKey,
        ]);
        if ($run->state === RunState::Failed) {
            throw new Refused('photos', $run->said);
        }

        return $run->state === RunState::Done;
    }

    private function guardSubject(Job $job, PhotoOf $of, string $key): void
    {
        match ($of) {
            PhotoOf::Panel => $job->panels()->where('key', $key)->exists() || throw Conflict::gone($job),
            PhotoOf::Circuit => $job->circuits()->where('key', $key)->exists() || throw Conflict::gone($job),
            PhotoOf::Step => $this->stepStage($job, $key),
            PhotoOf::Stage => StageKey::tryFrom($key) ?? throw new Refused('of_key', 'Which one: there is no such stage.'),
        };
    }

    /** The stage of a step that this job has. */
    private function stepStage(Job $job, string $key): StageKey
    {
        $design = new Design(JobEditor::open($job)->job);
        foreach ([...InstallList::of($design), ...ProveList::of($design)] as $step) {
            if ($step->key === $key) {
                return $step->stage;
            }
        }
        throw Conflict::gone($job);
    }

    private function answer(Request $request, Job $job, PhotoOf $of, string $key, string $said): Response|RedirectResponse
    {
        $stage = match ($of) {
            PhotoOf::Stage => StageKey::from($key),
            PhotoOf::Step => $this->stepStage($job, $key),
            PhotoOf::Panel, PhotoOf::Circuit => StageKey::Survey,
        };
        $screen = JobScreen::open($job->refresh(), $stage, $of === PhotoOf::Circuit ? $key : null);
        if (! JobResponse::wanted($request) || $of === PhotoOf::Step) {
            return JobResponse::changed($request, $screen, $said);
        }

        $shelf = view('parts.photos', ['screen' => $screen, 'shelf' => PhotoShelf::of($screen->row, $of, $key)])->render();

        return JobResponse::html(PartHtml::of('parts.header', $screen)->html.$shelf, $said);
    }

    private function photo(Job $job, string $key): Photo
    {
        return $job->photos()->where('key', $key)->first() ?? throw Conflict::gone($job);
    }

    private function file(string $hash): BinaryFileResponse
    {
        abort_unless(FileStore::has($hash), 404);

        return response()->file(
            FileStore::fullPath($hash), ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=31536000, immutable'],
        );
    }
}
