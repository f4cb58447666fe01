<?php

declare(strict_types=1);

namespace App\Http\Controllers\Price;

use App\Http\Controllers\Controller;
use App\Http\Controllers\SavesChoices;
use App\Http\Requests\Price\InstallDayRequest;
use App\Http\Requests\Price\StepRequest;
use App\JobFile\Conflict;
use App\Models\Job;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Underpin\Job\Job as JobFile;
use Underpin\Job\Part\AgreedPart;
use Underpin\StageKey;

/** The day that was agreed for the work, and what is noted of the steps before it. */
final class ScheduleController extends Controller
{
    use SavesChoices;

    public function day(InstallDayRequest $request, Job $job): Response|RedirectResponse
    {
        $day = $request->values()->textOrNull('install_on') ?? '';

        return $this->save($request, $job, 'Day of the work', function (JobFile $file, Job $row) use ($request, $day): JobFile {
            Conflict::guard(
                $row, ['agreed', 'install_on'], ['install_on' => AgreedPart::writeAgreed($file->agreed)['install_on']], $request->was(),
                ['install_on' => $day === '' ? null : $day],
            );

            return $file->with($file->agreed->on($day));
        });
    }

    public function step(StepRequest $request, Job $job): Response|RedirectResponse
    {
        $note = AgreedPart::stepOf($request->values());

        return $this->save($request, $job, 'Step noted', function (JobFile $file, Job $row) use ($request, $note): JobFile {
            Conflict::guard(
                $row, ['agreed', 'steps', $note->id], AgreedPart::writeStep($file->agreed->step($note->id)), $request->was(),
                AgreedPart::writeStep($note),
            );

            return $file->with($file->agreed->noting($note));
        });
    }

    private function stage(): StageKey
    {
        return StageKey::PriceAndPapers;
    }
}
