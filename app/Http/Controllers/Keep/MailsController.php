<?php

declare(strict_types=1);

namespace App\Http\Controllers\Keep;

use App\Http\Controllers\Controller;
use App\Models\Job;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** A customer ends the mails about a machine, without an account. Opening the link alone ends nothing: mail programs open links too. */
final class MailsController extends Controller
{
    public function show(string $key): View
    {
        return view('keep.mails', ['stopped' => $this->of($key)->mails_stopped, 'key' => $key]);
    }

    public function stop(string $key): RedirectResponse
    {
        $job = $this->of($key);
        Job::withoutTimestamps(fn (): bool => $job->forceFill(['mails_stopped' => true])->saveQuietly());

        return redirect()->route('mails', $key);
    }

    private function of(string $key): Job
    {
        return Job::query()->where('mail_key', $key)->first() ?? abort(404);
    }
}
