<?php

declare(strict_types=1);

namespace App\Health;

use Illuminate\Support\Facades\DB;

/** Work that could begin has not waited for long. */
final class QueueMoves implements Check
{
    private const LONGEST_WAIT_S = 300;

    public function name(): string
    {
        return 'queue';
    }

    public function result(): string
    {
        $isStuck = DB::table('queued_work')->whereNull('reserved_at')
            ->where('available_at', '<', now()->subSeconds(self::LONGEST_WAIT_S)->getTimestamp())->exists();

        return $isStuck ? 'work has waited for more than five minutes' : 'ok';
    }
}
