<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Http\Controllers\Controller;
use App\Http\Controllers\EditsJob;
use App\Http\JobResponse;
use App\Http\Requests\Survey\DisconnectPlaceRequest;
use App\Http\Requests\Survey\DisconnectRequest;
use App\Http\Requests\Survey\OtherSourceRequest;
use App\JobFile\Conflict;
use App\JobFile\JobEditor;
use App\Models\Job;
use App\Screens\JobScreen;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Underpin\Job\Disconnect;
use Underpin\Job\DisconnectPlace;
use Underpin\Job\Job as JobFile;
use Underpin\Job\Panel;
use Underpin\Job\Part\ServicePart;
use Underpin\Job\Service;
use Underpin\StageKey;

/** The way from the utility up to the panels: where it is switched off, and by what. */
final class ServiceController extends Controller
{
    use EditsJob;

    public function place(DisconnectPlaceRequest $request, Job $job): Response|RedirectResponse
    {
        $in = $request->values();
        $place = DisconnectPlace::tryFrom($in->textOrNull('place') ?? '');

        $edit = function (Service $service, Job $row) use ($request, $place): Service {
            Conflict::guard(
                $row, ['service', 'place'], ['place' => $service->place?->value], $request->was(), ['place' => $place?->value],
            );

            return $service->switchedOffBy($place);
        };

        return $this->save($request, $job, 'Where the service is switched off', $edit);
    }

    public function otherSource(OtherSourceRequest $request, Job $job): Response|RedirectResponse
    {
        $in = $request->values();
        $source = $in->has('kind') ? ServicePart::readOtherSource($in) : null;

        $edit = function (Service $service, Job $row) use ($request, $source, $in): Service {
            $old = ServicePart::writeOtherSource($service->otherSource) ?? ['kind' => null, 'at' => '', 'disconnect' => '', 'run' => null];
            Conflict::guard($row, ['service', 'other_source'], $old, $request->was(), $in->all());

            return $service->with(otherSource: $source);
        };

        return $this->save($request, $job, 'Solar or a battery', $edit);
    }

    public function store(DisconnectRequest $request, Job $job): Response|RedirectResponse
    {
        $in = $request->values();
        $new = ServicePart::readDisconnect($this->newKey(), $in);

        return $this->save(
            $request, $job, "Disconnect $new->name added",
            fn (Service $service): Service => $service->with(disconnects: [...$service->disconnects, $new]),
        );
    }

    public function update(DisconnectRequest $request, Job $job, string $disconnect): Response|RedirectResponse
    {
        $in = $request->values();
        $new = ServicePart::readDisconnect($disconnect, $in);

        $edit = function (Service $service, Job $row) use ($request, $new, $in): Service {
            $old = $service->disconnect($new->id) ?? throw Conflict::gone($row);
            Conflict::guard(
                $row, ['service', 'disconnects', $new->id], ServicePart::writeDisconnect($old), $request->was(), $in->all(),
            );

            return $service->with(
                disconnects: array_map(fn (Disconnect $d): Disconnect => $d->id === $new->id ? $new : $d, $service->disconnects)
            );
        };

        return $this->save($request, $job, "Disconnect $new->name", $edit);
    }

    public function destroy(Request $request, Job $job, string $disconnect): Response|RedirectResponse
    {
        return $this->save($request, $job, 'Disconnect removed', fn (Service $service): Service => $service->with(
            disconnects: array_values(array_filter($service->disconnects, fn (Disconnect $d): bool => $d->id !== $disconnect)),
            panels: array_map(fn (Panel $p): Panel => $p->fedFrom === $disconnect ? $p->with(fedFrom: '') : $p, $service->panels),
        ));
    }

    /** @param  callable(Service, Job): Service  $change */
    private function save(Request $request, Job $job, string $label, callable $change): Response|RedirectResponse
    {
        $edited = JobEditor::change(
            $job, $this->user(), $label, fn (JobFile $file, Job $row): JobFile => $file->with($change($file->service, $row)),
        );

        return JobResponse::changed($request, JobScreen::of($edited, StageKey::Survey), 'Saved');
    }
}
