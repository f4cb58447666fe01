<?php

declare(strict_types=1);

namespace App\Http\Controllers\Connect;

use App\Http\Controllers\Controller;
use App\Http\Controllers\SavesChoices;
use App\Http\Requests\Connect\WayChoiceRequest;
use App\JobFile\Conflict;
use App\Models\Job;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Underpin\Job\Connection;
use Underpin\Job\Job as JobFile;
use Underpin\Refused;
use Underpin\StageKey;

/** What a way of connecting leaves to choose: which panel, which circuit, what becomes of the neutral, meters or none, fault currents. */
final class WayChoiceController extends Controller
{
    use SavesChoices;

    public function __invoke(WayChoiceRequest $request, Job $job, string $choice): Response|RedirectResponse
    {
        $in = $request->values();
        $field = WayChoiceRequest::field($choice);
        $now = $in->all()[$choice] ?? null;

        $edit = function (JobFile $file, Job $row) use ($request, $choice, $now): JobFile {
            $connection = $file->connection;
            $stands = [
                'fed_panel' => $connection->panel, 'single_circuit' => $connection->circuit,
                'switches_neutral' => $connection->switchesNeutral, 'switch_meters' => $connection->meters,
                'utility_fault_a' => $connection->utilityFaultAmps, 'withstand_a' => $connection->withstandAmps,
                'interrupt_a' => $connection->interruptAmps,
            ];
            Conflict::guard($row, [$choice], [$choice => $stands[$choice] ?? null], $request->was(), [$choice => $now]);
            $text = is_string($now) ? $now : '';

            return $file->with(match ($choice) {
                'fed_panel' => self::fed($file, $text),
                'single_circuit' => self::single($file, $text),
                'switches_neutral' => $connection->with(switchesNeutral: is_bool($now) ? $now : null),
                'utility_fault_a' => $connection->with(utilityFaultAmps: is_int($now) ? $now : null),
                'withstand_a' => $connection->with(withstandAmps: is_int($now) ? $now : null),
                'interrupt_a' => $connection->with(interruptAmps: is_int($now) ? $now : null),
                default => $connection->with(meters: $now === true),
            });
        };

        return $this->save($request, $job, $field->label, $edit);
    }

    private static function fed(JobFile $file, string $id): Connection
    {
        if ($id !== '' && $file->service->panel($id) === null) {
            throw new Refused('fed_panel', 'Panel that is fed: that panel is not there any more.');
        }

        return $file->connection->with(panel: $id);
    }

    private static function single(JobFile $file, string $id): Connection
    {
        if ($id !== '' && $file->panelWith($id) === null) {
            throw new Refused('single_circuit', 'Circuit with a switch of its own: that circuit is not there any more.');
        }

        return $file->connection->with(circuit: $id);
    }

    private function stage(): StageKey
    {
        return StageKey::Connect;
    }
}
