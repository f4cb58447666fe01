<?php

declare(strict_types=1);

namespace App\Http\Controllers\Size;

use App\Http\Controllers\Controller;
use App\Http\Controllers\EditsJob;
use App\Http\Controllers\SavesChoices;
use App\Http\Requests\Place\RemoveRequest;
use App\Http\Requests\Size\GrowthRequest;
use App\JobFile\Conflict;
use App\Models\Job;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Underpin\Job\Growth;
use Underpin\Job\GrowthLoad;
use Underpin\Job\Job as JobFile;
use Underpin\Job\LoadKind;
use Underpin\Refused;
use Underpin\StageKey;

/** What may be added to the house later. */
final class GrowthController extends Controller
{
    use EditsJob;
    use SavesChoices;

    public function store(GrowthRequest $request, Job $job): Response|RedirectResponse
    {
        $in = $request->values();
        $load = new GrowthLoad(
            $this->newKey(), $in->text('name'), LoadKind::from($in->text('kind')), $in->whole('volts'), $in->number('run_w'),
            $in->numberOrNull('start_w'),
        );

        return $this->save($request, $job, "May come: $load->name", function (JobFile $file) use ($load): JobFile {
            if (count($file->growth->loads) >= Growth::MOST) {
                throw new Refused('name', 'What may come: '.Growth::MOST.' stand here already. Remove one first.');
            }

            return $file->with(new Growth([...$file->growth->loads, $load]));
        });
    }

    public function destroy(RemoveRequest $request, Job $job): Response|RedirectResponse
    {
        $id = $request->values()->text('id');

        return $this->save($request, $job, 'What may come, removed', function (JobFile $file, Job $row) use ($id): JobFile {
            $left = array_values(array_filter($file->growth->loads, fn (GrowthLoad $load): bool => $load->id !== $id));
            if (count($left) === count($file->growth->loads)) {
                throw Conflict::gone($row);
            }

            return $file->with(new Growth($left));
        });
    }

    private function stage(): StageKey
    {
        return StageKey::Size;
    }
}
