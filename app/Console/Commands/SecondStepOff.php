<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Access\SecondStep;
use App\Models\User;
use Illuminate\Console\Command;

/** For the only owner of a shop who has lost both the device and the codes: whoever sits at the server may let them in. */
final class SecondStepOff extends Command
{
    protected $signature = 'underpin:second-step-off {email : mail address of the person}';

    protected $description = 'Turns off the second step of somebody\'s sign-in';

    public function handle(): int
    {
        $email = (string) $this->argument('email');
        $user = User::query()->where('email', $email)->first();
        if (! $user?->hasSecondStep()) {
            $this->error($user === null ? "Nobody signs in with '$email'." : "$user->name has no second step.");

            return self::FAILURE;
        }
        SecondStep::end($user);
        $this->info("Off: the password alone lets $user->name in now.");

        return self::SUCCESS;
    }
}
