<?php

declare(strict_types=1);

namespace App\Find;

use App\Models\Circuit;
use App\Models\Job;
use App\Models\User;
use App\Screens\StageLinks;
use Illuminate\Support\Facades\DB;
use Underpin\StageKey;

/** Breakers of the open job by name or space, and the loads that hang on them. */
final class Circuits implements Place
{
    private const MOST = 8;

    public function find(string $text, User $user, ?Job $open): array
    {
        if ($open === null) {
            return [];
        }
        $links = new StageLinks($open->id);
        $like = '%'.addcslashes($text, '%_\\').'%';
        $circuits = Circuit::query()->where('job_id', $open->id)
            ->where(fn ($query) => $query->where('name', 'like', $like)->orWhere('space', $text))
            ->orderBy('space')->limit(self::MOST)->get();
        $loads = DB::table('loads')->join('circuits', 'circuits.id', '=', 'loads.circuit_id')->where('loads.job_id', $open->id)
            ->where('loads.name', 'like', $like)->limit(self::MOST)
            ->get(['loads.name as load', 'circuits.name as circuit', 'circuits.key as key']);

        return [
            ...array_values($circuits->map(fn (Circuit $circuit): Found => new Found(
                "$circuit->space$circuit->half $circuit->name", 'breaker', $links->to(StageKey::Loads, ['at' => $circuit->key]),
            ))->all()),
            ...array_values($loads->map(fn (object $row): Found => new Found(
                (string) $row->load, "load on $row->circuit", $links->to(StageKey::Loads, ['at' => (string) $row->key]),
            ))->all()),
        ];
    }
}
