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
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Loads\Measure\Measured;
use Underpin\Service\Leg;
use Underpin\Stage;

/** What a clamp meter found on a circuit: taken from a recording, or read off and typed in. */
final class MeasuredController extends Controller
{
    use EditsJob;

    private const PARTS = ['header', 'strip', 'spine', 'measured', 'tally', 'circuit', 'drawer'];

    public function update(Request $request, Job $job): Response|RedirectResponse
    {
        $in = FormInput::read($request, new Form(
            Field::text('circuit', 'the circuit')->required()->atMost(60),
            Field::choice('measured_leg', 'where the current rose', array_column(Leg::cases(), 'value')),
            Field::number('measured_run_a', 'amperes once it had settled')->atMost(Measured::MOST_A),
            Field::number('measured_start_a', 'highest amperes of the start')->atMost(Measured::MOST_A)->optional('as running'),
            Field::flag('by_hand', 'typed in'),
        ));
        $run = $in->number('measured_run_a');
        $measured = new Measured(Leg::from($in->text('measured_leg')), $run, $in->numberOrNull('measured_start_a') ?? $run, now()->format('Y-m-d'), $in->flag('by_hand'));

        return $this->save($request, $job, $in->text('circuit'), $measured, 'Measured: '.$measured->words());
    }

    public function destroy(Request $request, Job $job): Response|RedirectResponse
    {
        $in = FormInput::read($request, new Form(Field::text('circuit', 'the circuit')->required()->atMost(60)));

        return $this->save($request, $job, $in->text('circuit'), null, 'Measurement removed');
    }

    private function save(Request $request, Job $job, string $circuit, ?Measured $measured, string $label): Response|RedirectResponse
    {
        $edited = JobEditor::change($job, $this->user(), $label, function (Ledger $ledger, Job $row) use ($request, $circuit, $measured): void {
            $found = $this->circuitRow($row, $circuit);
            $columns = JobRows::measuredColumns($measured);
            Conflict::guard($row, $found, FormInput::was($request), $columns);
            $ledger->update($found, $columns);
        });
        $screen = JobScreen::of($edited, Stage::Loads, $circuit);
        $contradicts = $measured !== null && array_filter($screen->review->onCircuit($circuit), fn ($f): bool => $f->code === 'LEG_CONTRADICTS') !== [];

        return JobResponse::parts($request, $screen, self::PARTS, $contradicts ? "$label. The label or the space is wrong" : $label);
    }
}
