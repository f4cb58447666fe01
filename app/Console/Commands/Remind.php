<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\JobFile\JobRows;
use App\Keep\Mails;
use App\Models\Job;
use Illuminate\Console\Command;
use Underpin\Refused;

/** Mails to customers about what is due soon, each once. The watcher of the queue calls it every hour. */
final class Remind extends Command
{
    /** Days before something is due. */
    private const BEFORE_DAYS = 14;

    /** What has been due for longer is for the shop to call about. */
    private const AFTER_DAYS = 30;

    protected $signature = 'underpin:remind';

    protected $description = 'Put mails about what is due within two weeks into the queue, each once';

    public function handle(): int
    {
        $until = now()->addDays(self::BEFORE_DAYS)->toDateString();
        $from = now()->subDays(self::AFTER_DAYS)->toDateString();
        $sent = 0;
        $jobs = Job::query()->whereNotNull('next_due')->where('next_due', '<=', $until)->where('customer_email', '!=', '')
            ->where('mails_stopped', false);
        foreach ($jobs->lazyById(100) as $job) {
            try {
                $file = JobRows::read($job);
            } catch (Refused $refused) {
                report($refused);

                continue;
            }
            foreach ($job->dues ?? [] as $due) {
                $isNow = $due['on'] <= $until && $due['on'] >= $from;
                $sent += $isNow && Mails::about($job, $file, $due['key'], $due['on'], $due['title'],
                    "It is due on {$due['on']}: {$due['of']}.") ? 1 : 0;
            }
        }
        $this->info("$sent mails put into the queue.");

        return 0;
    }
}
