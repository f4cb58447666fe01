<?php

declare(strict_types=1);

namespace App\Find;

use App\Models\Job;
use App\Models\User;

final class Jobs implements Place
{
    private const MOST = 8;

    public function find(string $text, User $user, ?Job $open): array
    {
        $like = '%'.addcslashes($text, '%_\\').'%';
        $jobs = Job::query()->where('shop_id', $user->shop_id)
            ->where(fn ($query) => $query->where('name', 'like', $like)->orWhere('customer_name', 'like', $like)
                ->orWhere('customer_address', 'like', $like))
            ->orderByDesc('updated_at')->limit(self::MOST)->get();

        return array_values($jobs->map(
            fn (Job $job): Found => new Found($job->name, $job->customer_name ?: 'job', route('jobs.show', $job->id)),
        )->all());
    }
}
