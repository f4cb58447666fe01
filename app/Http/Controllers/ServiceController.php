<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\FormInput;
use App\Http\JobResponse;
use App\JobFile\Conflict;
use App\JobFile\JobEditor;
use App\JobFile\JobRows;
use App\JobFile\Ledger;
use App\Models\Job;
use App\Screens\JobScreen;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Underpin\JobFile\Section\ServiceSection;
use Underpin\Service\Disconnect;
use Underpin\Service\DisconnectPlace;
use Underpin\Service\Service;
use Underpin\Stage;

/** The way from the utility up to the panels: where it is switched off, and by what. */
final class ServiceController extends Controller
{
    use EditsJob;

    private const PARTS = ['header', 'strip', 'spine', 'chain', 'drawer'];

    public function place(Request $request, Job $job): Response|RedirectResponse
    {
        $in = FormInput::read($request, ServiceSection::form()->only('place'));
        $place = DisconnectPlace::tryFrom($in->textOrNull('place') ?? '');

        return $this->save($request, $job, 'Where the service is switched off', function (Service $service, Job $row) use ($request, $place): Service {
            Conflict::guardValues($row, $row, ['place' => $service->place?->value], FormInput::was($request), ['place' => $place?->value]);

            return new Service($place, $service->disconnects);
        });
    }

    public function store(Request $request, Job $job): Response|RedirectResponse
    {
        $in = FormInput::read($request, ServiceSection::disconnect()->only('name', 'amps', 'bonded'));
        $new = new Disconnect($this->newKey(), $in->text('name'), $in->whole('amps'), $in->flagOrNull('bonded'));

        return $this->save($request, $job, "Disconnect $new->name added", fn (Service $service): Service => new Service($service->place, [...$service->disconnects, $new]));
    }

    public function update(Request $request, Job $job, string $disconnect): Response|RedirectResponse
    {
        $in = FormInput::read($request, ServiceSection::disconnect()->only('name', 'amps', 'bonded'));
        $new = new Disconnect($disconnect, $in->text('name'), $in->whole('amps'), $in->flagOrNull('bonded'));

        return $this->save($request, $job, "Disconnect $new->name", function (Service $service, Job $row) use ($request, $new): Service {
            $old = $service->disconnect($new->id) ?? throw Conflict::gone($row);
            $values = fn (Disconnect $d): array => ['name' => $d->name, 'amps' => $d->amps, 'bonded' => $d->bonded];
            Conflict::guardValues($row, $row, $values($old), FormInput::was($request), $values($new));

            return new Service($service->place, array_map(fn (Disconnect $d): Disconnect => $d->id === $new->id ? $new : $d, $service->disconnects));
        });
    }

    public function destroy(Request $request, Job $job, string $disconnect): Response|RedirectResponse
    {
        return $this->save($request, $job, 'Disconnect removed', function (Service $service, Job $row, Ledger $ledger) use ($disconnect): Service {
            foreach ($row->panels()->where('fed_from', $disconnect)->get() as $fed) {
                $ledger->update($fed, ['fed_from' => '']);
            }

            return new Service($service->place, array_values(array_filter($service->disconnects, fn (Disconnect $d): bool => $d->id !== $disconnect)));
        });
    }

    /** @param  callable(Service, Job, Ledger): Service  $change */
    private function save(Request $request, Job $job, string $label, callable $change): Response|RedirectResponse
    {
        $edited = JobEditor::change($job, $this->user(), $label, function (Ledger $ledger, Job $row) use ($change): void {
            $ledger->update($row, ['service' => ServiceSection::write($change(JobRows::service($row->service), $row, $ledger))]);
        });

        return JobResponse::parts($request, JobScreen::of($edited, Stage::Survey), self::PARTS, 'Saved');
    }
}
