<?php

declare(strict_types=1);

namespace App\Notifications;

use App\Models\Invitation;
use Illuminate\Contracts\Queue\ShouldBeEncrypted;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Mail\Message;
use Illuminate\Support\Facades\Mail;

/** In the queue, and sealed there: what the link says lets somebody in. Made from the address in the settings. */
final class SendInvitation implements ShouldBeEncrypted, ShouldQueue
{
    use Queueable;

    public function __construct(private readonly int $invitation, private readonly string $token)
    {
    }

    public function handle(): void
    {
        $invitation = Invitation::query()->with('shop')->find($this->invitation);
        if ($invitation === null) {
            return; // withdrawn in the meantime
        }
        Mail::send(['text' => 'mail.invitation'], [
            'invitation' => $invitation, 'url' => route('invitation', ['token' => $this->token]),
        ], fn (Message $mail): Message => $mail->to($invitation->email)->subject("{$invitation->shop->name}: you are invited to Underpin"));
    }
}
