<?php

declare(strict_types=1);

namespace App\Http\Controllers\Keep;

use App\Http\Controllers\Controller;
use App\Http\Controllers\EditsJob;
use App\Http\Controllers\SavesChoices;
use App\Http\Requests\Keep\ServiceRequest;
use App\Http\Requests\Place\RemoveRequest;
use App\JobFile\Conflict;
use App\Models\Job;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Underpin\Form\Values;
use Underpin\Job\Job as JobFile;
use Underpin\Job\Log\Log;
use Underpin\Job\Log\SwitchService;
use Underpin\Job\Part\LogPart;
use Underpin\Refused;
use Underpin\StageKey;

/** Services of the transfer switches. */
final class ServiceController extends Controller
{
    use EditsJob;
    use SavesChoices;

    public function store(ServiceRequest $request, Job $job): Response|RedirectResponse
    {
        $service = LogPart::serviceOf(new Values([...$request->values()->all(), 'id' => $this->newKey(), 'by' => $this->user()->name]));
        if ($service->on > now()->toDateString()) {
            throw new Refused('on', "Day must not lie after today; \"$service->on\" was given.");
        }

        return $this->save($request, $job, "Service of $service->switch", fn (JobFile $file): JobFile => $file->with(
            new Log($file->log->entries, [...$file->log->services, $service]),
        ));
    }

    public function destroy(RemoveRequest $request, Job $job): Response|RedirectResponse
    {
        $id = $request->values()->text('id');

        return $this->save($request, $job, 'A service taken out', function (JobFile $file, Job $row) use ($id): JobFile {
            $left = array_values(array_filter($file->log->services, fn (SwitchService $s): bool => $s->id !== $id));

            return count($left) === count($file->log->services) ? throw Conflict::gone($row) : $file->with(new Log($file->log->entries,
                $left));
        });
    }

    private function stage(): StageKey
    {
        return StageKey::Keep;
    }
}
