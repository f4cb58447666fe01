<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Http\Controllers\Controller;
use App\Http\Controllers\EditsJob;
use App\Http\JobResponse;
use App\Http\Requests\Survey\BreakerRequest;
use App\Http\Requests\Survey\MoveRequest;
use App\Http\Requests\Survey\NewBreakerRequest;
use App\Http\Requests\Survey\RoleRequest;
use App\JobFile\Conflict;
use App\JobFile\JobEditor;
use App\Models\Job;
use App\Screens\JobScreen;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Underpin\Form\Values;
use Underpin\Job\Circuit;
use Underpin\Job\Half;
use Underpin\Job\Job as JobFile;
use Underpin\Job\Part\CircuitPart;
use Underpin\Job\Position;
use Underpin\Job\Protection;
use Underpin\Job\Role;
use Underpin\Service\Multiwire;
use Underpin\Service\SharedNeutral;

/** The breakers of a panel. */
final class CircuitController extends Controller
{
    use EditsJob;

    public function store(NewBreakerRequest $request, Job $job): Response|RedirectResponse
    {
        $in = $request->values();
        $circuit = self::of($this->newKey(), $in);
        $edited = JobEditor::change($job, $this->user(), 'New breaker in '
            ."{$circuit->label()}", function (JobFile $file, Job $row) use ($in, $circuit): JobFile {
                $panel = $this->panel($file, $row, $in->text('panel'));

                return $file->with($file->service->withPanel($panel->with(circuits: [...$panel->circuits, $circuit])));
            });

        return JobResponse::changed(
            $request, JobScreen::of($edited, $this->stageOf($request), $circuit->id), "Added {$circuit->title()}",
        );
    }

    public function update(BreakerRequest $request, Job $job, string $circuit): Response|RedirectResponse
    {
        $in = $request->values();
        $label = 'Breaker '.$request->string('space')->toString();
        $edited = JobEditor::change($job, $this->user(), $label, function (JobFile $file, Job $row) use ($request, $circuit, $in): JobFile {
            $found = $this->circuit($file, $row, $circuit);
            Conflict::guard($row, $this->placeOf($file, $circuit), CircuitPart::write($found), $request->was(), $in->all());
            $now = self::of($circuit, $in);

            return $this->withCircuit($file, $found->with(
                position: $now->position, breakerAmps: $now->breakerAmps, name: $now->name, protection: $now->protection, note: $now->note,
                keepOn: $now->keepOn, receptacleAmps: $now->receptacleAmps, sharesNeutralWith: $now->sharesNeutralWith,
            ));
        });

        return JobResponse::changed($request, JobScreen::of($edited, $this->stageOf($request), $circuit), 'Saved');
    }

    public function role(RoleRequest $request, Job $job, string $circuit): Response|RedirectResponse
    {
        $in = $request->values();
        $role = Role::from($in->text('role'));
        $label = '';
        $edited = JobEditor::change($job, $this->user(), function () use (&$label): string {
            return $label;
        }, function (JobFile $file, Job $row) use ($request, $circuit, $role, &$label): JobFile {
            $found = $this->circuit($file, $row, $circuit);
            $label = "{$found->title()}: {$role->words()}";
            Conflict::guard(
                $row, $this->placeOf($file, $circuit), ['role' => $found->role->value], $request->was(), ['role' => $role->value],
            );

            return $this->withCircuit($file, $found->with(role: $role));
        });

        return JobResponse::changed($request, JobScreen::of($edited, $this->stageOf($request), $circuit), ucfirst($role->words()));
    }

    /** To another space of its panel; its leg may change with it, and that is said. */
    public function move(MoveRequest $request, Job $job, string $circuit): Response|RedirectResponse
    {
        $in = $request->values();
        $from = $to = new Position($in->whole('space'));
        $label = '';
        $edited = JobEditor::change($job, $this->user(), function () use (&$label): string {
            return $label;
        }, function (JobFile $file, Job $row) use ($request, $circuit, $in, &$from, &$to, &$label): JobFile {
            $found = $this->circuit($file, $row, $circuit);
            $from = $found->position;
            $to = new Position($in->whole('space'), $from->poles, $from->half);
            $label = "$found->name: {$from->label()} to {$to->label()}";
            Conflict::guard(
                $row, $this->placeOf($file, $circuit), ['space' => $from->space], $request->was(), ['space' => $to->space],
            );

            return $this->withCircuit($file, $found->with(position: $to));
        });
        $moved = $edited->job->panelWith($circuit)?->circuit($circuit);
        $neutral = $moved === null ? '' : SharedNeutral::afterMoving($moved, $from, new Multiwire($edited->job->service->panels));
        $said = "Moved to {$to->label()}, ".($from->leg() === $to->leg() ? 'still' : 'now')." {$to->leg()->words()}. $neutral";

        return JobResponse::changed($request, JobScreen::of($edited, $this->stageOf($request), $circuit), trim($said, ' .'));
    }

    public function destroy(Request $request, Job $job, string $circuit): Response|RedirectResponse
    {
        $edited = JobEditor::change($job, $this->user(), 'Breaker removed', function (JobFile $file, Job $row) use ($circuit): JobFile {
            $this->circuit($file, $row, $circuit);
            $panel = $file->panelWith($circuit);

            return $panel === null ? $file : $file->with($file->service->withPanel(
                $panel->with(circuits: array_values(array_filter($panel->circuits, fn (Circuit $c): bool => $c->id !== $circuit))),
            ));
        });

        return JobResponse::changed($request, JobScreen::of($edited, $this->stageOf($request)), 'Removed. Undo brings it back');
    }

    private static function of(string $id, Values $in): Circuit
    {
        return new Circuit(
            $id,
            new Position($in->whole('space'), $in->whole('poles'), Half::tryFrom($in->textOrNull('half') ?? '')),
            $in->whole('amps'), $in->text('name'), Protection::from($in->text('protection')), Role::Off, $in->text('note'),
            keepOn: $in->text('keep_on'), receptacleAmps: $in->wholeOrNull('receptacle_a'),
            sharesNeutralWith: $in->text('shares_neutral_with'),
        );
    }
}
