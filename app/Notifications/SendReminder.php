<?php

declare(strict_types=1);

namespace App\Notifications;

use App\JobFile\JobRows;
use App\Models\Job;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Mail\Message;
use Illuminate\Support\Facades\Mail;

/** Something is due, or a machine has reported: a mail to the customer, with a link that ends such mails. */
final class SendReminder implements ShouldQueue
{
    use Queueable;

    public function __construct(
        private readonly int $about, private readonly string $title, private readonly string $on, private readonly string $why,
    ) {
    }

    public function handle(): void
    {
        $job = Job::query()->with('shop')->find($this->about);
        // Stopped or removed while it waited.
        if ($job === null || $job->mails_stopped || $job->mail_key === null) {
            return;
        }
        $to = JobRows::read($job)->customer->email;
        if ($to === '') {
            return;
        }
        Mail::send(['text' => 'mail.reminder'], [
            'job' => $job, 'title' => $this->title, 'on' => $this->on, 'why' => $this->why, 'stop' => route('mails', $job->mail_key),
        ], fn (Message $message) => $message->to($to)->subject("$this->title: $this->on"));
    }
}
