<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\Job;
use App\Models\Shop;
use App\Models\User;
use Illuminate\Auth\Access\Response;
use Underpin\Exchange\JobPatch;
use Underpin\Say;

/** Who may do what with the jobs of a shop. */
final class JobPolicy
{
    /** Everything that is on its pages, and what is found on site. */
    public function note(User $user, Job $job): bool
    {
        return $user->shop_id === $job->shop_id;
    }

    /** Picks what the job is built with. */
    public function decide(User $user, Job $job): bool
    {
        return $this->note($user, $job) && $user->role->decides();
    }

    public function change(User $user, Job $job, JobPatch $patch): Response
    {
        $decided = Decisions::in($patch);
        $are = count($decided) === 1 ? 'is' : 'are';

        return match (true) {
            ! $this->note($user, $job) => Response::denyAsNotFound(),
            $decided !== [] && ! $this->decide($user, $job) => Response::deny(
                'Not changed: '.Say::list($decided, 4)." $are for an electrician of the shop to decide."
            ),
            default => Response::allow(),
        };
    }

    public function remove(User $user, Job $job): Response
    {
        return $this->decide($user, $job)
            ? Response::allow()
            : Response::deny('Not removed: whether a job goes or comes back is for an electrician of the shop to decide.');
    }

    /** Lets the removed jobs of a shop go for good. */
    public function empty(User $user, Shop $shop): Response
    {
        return $user->shop_id === $shop->id && $user->role === PersonRole::Owner
            ? Response::allow()
            : Response::deny('Nothing was removed for good: that is for the owner of the shop.');
    }
}
