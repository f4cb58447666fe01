<?php

declare(strict_types=1);

namespace App\Find;

use App\Models\Job;
use App\Models\User;
use App\Screens\StageLinks;
use Underpin\Stages\Stage;
use Underpin\Stages\Stages as CoreStages;

final class Stages implements Place
{
    public function find(string $text, User $user, ?Job $open): array
    {
        if ($open === null) {
            return [];
        }
        $links = new StageLinks($open->id);
        $found = array_filter(CoreStages::standard()->all(), fn (Stage $stage): bool => Words::match($text, $stage->title()));

        return array_values(array_map(fn (Stage $s): Found => new Found($s->title(), 'stage', $links->to($s->key())), $found));
    }
}
