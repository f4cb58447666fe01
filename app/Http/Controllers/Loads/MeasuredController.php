<?php

declare(strict_types=1);

namespace App\Http\Controllers\Loads;

use App\Http\Controllers\Controller;
use App\Http\Controllers\EditsJob;
use App\Http\FormInput;
use App\Http\JobResponse;
use App\Http\Requests\Loads\MeasuredCircuitRequest;
use App\Http\Requests\Loads\MeasuredRequest;
use App\JobFile\Conflict;
use App\JobFile\JobEditor;
use App\Models\Job;
use App\Screens\JobScreen;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Underpin\Checks\Code;
use Underpin\Checks\Finding;
use Underpin\Form\Values;
use Underpin\Job\Job as JobFile;
use Underpin\Job\Measured;
use Underpin\Legs\Leg;
use Underpin\Refused;
use Underpin\StageKey;

/** What a clamp meter found on a circuit: taken from a recording, or read off and typed in. */
final class MeasuredController extends Controller
{
    use EditsJob;

    public function update(MeasuredRequest $request, Job $job): Response|RedirectResponse
    {
        $in = $request->values();
        $run = $in->number('measured_run_a');
        $measured = self::measured($in, $run);

        return $this->save($request, $job, $in->text('circuit'), $measured, 'Measured: '.$measured->words());
    }

    public function destroy(MeasuredCircuitRequest $request, Job $job): Response|RedirectResponse
    {
        $in = $request->values();

        return $this->save($request, $job, $in->text('circuit'), null, 'Measurement removed');
    }

    private function save(Request $request, Job $job, string $circuit, ?Measured $measured, string $label): Response|RedirectResponse
    {
        $edit = function (JobFile $file, Job $row) use ($request, $circuit, $measured): JobFile {
            $found = $this->circuit($file, $row, $circuit);
            Conflict::guard(
                $row, [...$this->placeOf($file, $circuit), 'measured'], self::values($found->measured), FormInput::was($request),
                self::values($measured),
            );

            return $this->withCircuit($file, $found->with(measured: $measured));
        };
        $edited = JobEditor::change($job, $this->user(), $label, $edit);
        $screen = JobScreen::of($edited, StageKey::Loads, $circuit);
        $contradicts = $measured !== null
            && array_filter($screen->review->onCircuit($circuit), fn (Finding $f): bool => $f->code === Code::LegContradicts) !== [];

        return JobResponse::changed($request, $screen, $contradicts ? "$label. The label or the space is wrong" : $label);
    }

    /** @return array<string, mixed> as the form of the drawer names them */
    private static function values(?Measured $measured): array
    {
        return [
            'measured_leg' => $measured?->leg->value, 'measured_run_a' => $measured?->runAmps, 'measured_start_a' => $measured?->startAmps,
        ];
    }

    /** @throws Refused by the names of the form */
    private static function measured(Values $in, float $run): Measured
    {
        try {
            return new Measured(
                Leg::from($in->text('measured_leg')), $run, $in->numberOrNull('measured_start_a') ?? $run, now()->format('Y-m-d'),
                $in->flag('by_hand'),
            );
        } catch (Refused $refused) {
            throw new Refused("measured_$refused->field", $refused->getMessage());
        }
    }
}
