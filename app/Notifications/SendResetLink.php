<?php

declare(strict_types=1);

namespace App\Notifications;

use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\Password;

/**
 * In the queue, so that the answer takes as long for an address that is known as for one that is not, and the
 * link is made from the address in the settings, not from the one that was asked.
 */
final class SendResetLink implements ShouldQueue
{
    use Queueable;

    public function __construct(private readonly string $email)
    {
    }

    public function handle(): void
    {
        Password::sendResetLink(['email' => $this->email]);
    }
}
