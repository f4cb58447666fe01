<?php

declare(strict_types=1);

namespace App\Http\Controllers\Jobs;

use App\Http\Controllers\Controller;
use App\JobFile\JobEditor;
use App\Models\Job;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Underpin\Refused;
use Underpin\Say;

/** Jobs that were removed: kept for a while, brought back, or let go for good. */
final class RemovedJobsController extends Controller
{
    public function index(): View
    {
        return view('jobs.bin', ['jobs' => $this->removed()->orderByDesc('deleted_at')->orderByDesc('id')->get()]);
    }

    public function restore(string $id): RedirectResponse
    {
        $job = $this->removed()->findOrFail($id);
        JobEditor::bringBack($job, $this->user());

        return redirect()->route('jobs.show', $job->id)->with('status', "$job->name is back.");
    }

    /** For good. Files that nothing names any more are swept later. */
    public function empty(Request $request): RedirectResponse
    {
        Gate::forUser($this->user())->authorize('empty', [Job::class, $this->user()->shop]);
        if (! $request->boolean('sure')) {
            throw new Refused('sure', 'Say first that you know that nothing brings them back.');
        }
        $gone = $this->removed()->get()->each(fn (Job $job): ?bool => $job->forceDelete())->count();

        return redirect()->route('jobs.bin')->with('status', Say::count($gone, 'job').' went for good.');
    }

    /** @return Builder<Job> */
    private function removed(): Builder
    {
        return Job::onlyTrashed()->where('shop_id', $this->user()->shop_id);
    }
}
