<?php

declare(strict_types=1);

namespace App\Notifications;

use App\Models\User;
use Illuminate\Notifications\Messages\MailMessage;
use Illuminate\Notifications\Notification;

/** The way back in, by mail. A plain view: the framework's own needs a package that is not installed. */
final class ResetPassword extends Notification
{
    public function __construct(private readonly string $token)
    {
    }

    /** @return list<string> */
    public function via(User $user): array
    {
        return ['mail'];
    }

    public function toMail(User $user): MailMessage
    {
        return (new MailMessage)
            ->subject('Set a new password for Underpin')
            ->view(['text' => 'mail.reset-password'], [
                'name' => $user->name,
                'url' => route('password.reset', ['token' => $this->token, 'email' => $user->email]),
            ]);
    }
}
