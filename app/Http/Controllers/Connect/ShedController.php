<?php

declare(strict_types=1);

namespace App\Http\Controllers\Connect;

use App\Http\Controllers\Controller;
use App\Http\Controllers\SavesChoices;
use App\Http\Requests\Connect\ShedRequest;
use App\JobFile\Conflict;
use App\Models\Job;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Underpin\Job\Job as JobFile;
use Underpin\Job\ShedLoad;
use Underpin\StageKey;

/** What an automatic switch takes off when the generator has too much. */
final class ShedController extends Controller
{
    use SavesChoices;

    public function __invoke(ShedRequest $request, Job $job): Response|RedirectResponse
    {
        $in = $request->values();
        $id = $in->text('circuit');
        $priority = $in->wholeOrNull('priority');

        $edit = function (JobFile $file, Job $row) use ($request, $in, $id, $priority): JobFile {
            if ($file->panelWith($id) === null) {
                throw Conflict::gone($row);
            }
            $there = $file->connection->shedding($id);
            $now = ['priority' => $priority, 'delay_s' => $priority === null ? null : $in->whole('delay_s')];
            Conflict::guard($row, ['shed'], ['priority' => $there?->priority, 'delay_s' => $there?->delayS], $request->was(), $now);
            $others = array_values(array_filter($file->connection->shed, fn (ShedLoad $s): bool => $s->circuit !== $id));

            return $file->with($file->connection->with(
                shed: $priority === null ? $others : [...$others, new ShedLoad($id, $priority, $in->whole('delay_s'))],
            ));
        };

        return $this->save($request, $job, 'Load shedding', $edit);
    }

    private function stage(): StageKey
    {
        return StageKey::Connect;
    }
}
