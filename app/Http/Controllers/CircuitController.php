<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\FormInput;
use App\Http\JobResponse;
use App\JobFile\Conflict;
use App\JobFile\JobEditor;
use App\JobFile\Ledger;
use App\Models\Job;
use App\Screens\JobScreen;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\JobFile\Section\CircuitSection;
use Underpin\Loads\Role;
use Underpin\Service\Circuit;
use Underpin\Service\Half;
use Underpin\Service\Protection;
use Underpin\Service\SharedNeutral;
use Underpin\Service\Slot;

/** The breakers of a panel. */
final class CircuitController extends Controller
{
    use EditsJob;

    public function store(Request $request, Job $job): Response|RedirectResponse
    {
        $in = FormInput::read($request, new Form(Field::text('panel', 'the panel')->required(), ...self::breaker()->fields()));
        $circuit = new Circuit(
            $this->newKey(),
            new Slot($in->whole('space'), $in->whole('poles'), Half::tryFrom($in->textOrNull('half') ?? '')),
            $in->whole('amps'), $in->text('name'), Protection::from($in->text('protection')), Role::Off, $in->text('note'), keepOn: $in->text('keep_on'), receptacleA: $in->wholeOrNull('receptacle_a'),
        );
        $edited = JobEditor::change($job, $this->user(), "New breaker in {$circuit->label()}", function (Ledger $ledger, Job $row) use ($in, $circuit): void {
            $ledger->addCircuit($this->panelRow($row, $in->text('panel')), $circuit);
        });

        return JobResponse::parts($request, JobScreen::of($edited, $this->stageOf($request), $circuit->id), ['header', 'strip', 'spine', 'board', 'drawer'], "Added {$circuit->title()}");
    }

    public function update(Request $request, Job $job, string $circuit): Response|RedirectResponse
    {
        $now = FormInput::read($request, self::breaker())->all();
        $edited = JobEditor::change($job, $this->user(), 'Breaker '.$request->string('space')->toString(), function (Ledger $ledger, Job $row) use ($request, $circuit, $now): void {
            $found = $this->circuitRow($row, $circuit);
            Conflict::guard($row, $found, FormInput::was($request), $now);
            $ledger->update($found, $now);
        });

        return JobResponse::parts($request, JobScreen::of($edited, $this->stageOf($request), $circuit), ['header', 'strip', 'spine', 'board', 'drawer'], 'Saved');
    }

    public function role(Request $request, Job $job, string $circuit): Response|RedirectResponse
    {
        $in = FormInput::read($request, CircuitSection::form()->only('role'));
        $role = Role::from($in->text('role'));
        $found = $this->circuitRow($job, $circuit);
        $slot = new Slot($found->space, $found->poles, Half::tryFrom($found->half ?? ''));
        $edited = JobEditor::change($job, $this->user(), "{$slot->label()} $found->name: {$role->words()}", function (Ledger $ledger, Job $row) use ($request, $circuit, $role): void {
            $found = $this->circuitRow($row, $circuit);
            Conflict::guard($row, $found, FormInput::was($request), ['role' => $role->value]);
            $ledger->update($found, ['role' => $role->value]);
        });

        return JobResponse::parts($request, JobScreen::of($edited, $this->stageOf($request), $circuit), ['header', 'strip', 'spine', 'tally', 'circuit', 'role', 'own', 'findings'], ucfirst($role->words()));
    }

    /** To another space of its panel; its leg may change with it, and that is said. */
    public function move(Request $request, Job $job, string $circuit): Response|RedirectResponse
    {
        $in = FormInput::read($request, CircuitSection::form()->only('space'));
        $found = $this->circuitRow($job, $circuit);
        $from = new Slot($found->space, $found->poles, Half::tryFrom($found->half ?? ''));
        $to = new Slot($in->whole('space'), $found->poles, $from->half);
        $edited = JobEditor::change($job, $this->user(), "$found->name: {$from->label()} to {$to->label()}", function (Ledger $ledger, Job $row) use ($request, $circuit, $to): void {
            $found = $this->circuitRow($row, $circuit);
            Conflict::guard($row, $found, FormInput::was($request), ['space' => $to->space]);
            $ledger->update($found, ['space' => $to->space]);
        });
        $neutral = SharedNeutral::afterMoving($edited->job->panelWith($circuit)?->hasMultiwire, $from, $to);
        $said = "Moved to {$to->label()}, ".($from->leg() === $to->leg() ? 'still' : 'now')." {$to->leg()->words()}. $neutral";

        return JobResponse::parts($request, JobScreen::of($edited, $this->stageOf($request), $circuit), ['header', 'strip', 'spine', 'board', 'drawer'], trim($said, ' .'));
    }

    public function destroy(Request $request, Job $job, string $circuit): Response|RedirectResponse
    {
        $edited = JobEditor::change($job, $this->user(), 'Breaker removed', function (Ledger $ledger, Job $row) use ($circuit): void {
            $ledger->deleteCircuit($this->circuitRow($row, $circuit));
        });

        return JobResponse::parts($request, JobScreen::of($edited, $this->stageOf($request)), ['header', 'strip', 'spine', 'board', 'drawer'], 'Removed. Press u to undo');
    }

    private static function breaker(): Form
    {
        return CircuitSection::form()->only('space', 'half', 'poles', 'amps', 'name', 'protection', 'note', 'keep_on', 'receptacle_a');
    }
}
