<?php

declare(strict_types=1);

namespace App\Http\Controllers\Connect;

use App\Http\Controllers\Controller;
use App\Http\Controllers\SavesChoices;
use App\Http\Requests\Connect\SwitchPlaceRequest;
use App\Http\Requests\Connect\SwitchRequest;
use App\JobFile\Conflict;
use App\Models\Job;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Underpin\Job\Job as JobFile;
use Underpin\Job\SwitchKind;
use Underpin\StageKey;

/** What a multi-circuit switch needs to be known of it: its kind, and which circuit sits where. */
final class SwitchController extends Controller
{
    use SavesChoices;

    public function kind(SwitchRequest $request, Job $job): Response|RedirectResponse
    {
        $kind = SwitchKind::tryFrom($request->values()->textOrNull('switch_kind') ?? '');

        $edit = function (JobFile $file, Job $row) use ($request, $kind): JobFile {
            $was = ['switch_kind' => $file->connection->switchKind?->value];
            Conflict::guard($row, ['switch_kind'], $was, $request->was(), ['switch_kind' => $kind?->value]);

            return $file->with($file->connection->with(switchKind: $kind));
        };

        return $this->save($request, $job, 'Kind of switch', $edit);
    }

    public function place(SwitchPlaceRequest $request, Job $job): Response|RedirectResponse
    {
        $in = $request->values();
        $id = $in->text('circuit');
        $place = $in->wholeOrNull('place');

        $edit = function (JobFile $file, Job $row) use ($request, $id, $place): JobFile {
            $places = $file->connection->places;
            if ($file->panelWith($id) === null) {
                throw Conflict::gone($row);
            }
            Conflict::guard($row, ['switch_places'], ['place' => $places[$id] ?? null], $request->was(), ['place' => $place]);
            unset($places[$id]);

            return $file->with($file->connection->with(places: $place === null ? $places : $places + [$id => $place]));
        };

        return $this->save($request, $job, 'Place on the switch', $edit);
    }

    private function stage(): StageKey
    {
        return StageKey::Connect;
    }
}
