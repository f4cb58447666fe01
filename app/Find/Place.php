<?php

declare(strict_types=1);

namespace App\Find;

use App\Models\Job;
use App\Models\User;

/** Where things are looked for: a new kind of thing is one class more, and its place in Finder. */
interface Place
{
    /**
     * @param  string  $text  what was typed, not empty
     * @param  ?Job  $open  the job whose page is open
     * @return list<Found> best first
     */
    public function find(string $text, User $user, ?Job $open): array;
}
