<?php

declare(strict_types=1);

namespace App\Http\Controllers\Loads;

use App\Http\Controllers\Controller;
use App\Http\Controllers\EditsJob;
use App\Http\JobResponse;
use App\Http\Requests\Loads\LoadRequest;
use App\Http\Requests\Loads\NameplateRequest;
use App\Http\Requests\Loads\NewLoadRequest;
use App\JobFile\Conflict;
use App\JobFile\JobEditor;
use App\Models\Job;
use App\Screens\JobScreen;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Underpin\Form\Values;
use Underpin\Job\Job as JobFile;
use Underpin\Job\Load;
use Underpin\Job\LoadKind;
use Underpin\Job\Part\LoadPart;
use Underpin\Legs\Leg;
use Underpin\Loads\Nameplate;
use Underpin\Refused;
use Underpin\StageKey;

/** What hangs on a circuit. */
final class LoadController extends Controller
{
    use EditsJob;

    public function store(NewLoadRequest $request, Job $job, string $circuit): Response|RedirectResponse
    {
        $in = $request->values();
        $load = new Load(
            $this->newKey(), $in->text('name'), LoadKind::from($in->text('kind')), $in->numberOrNull('run_w'),
            $in->numberOrNull('start_w'), $in->number('pf'),
        );
        $edited = JobEditor::change(
            $job, $this->user(), "Load $load->name added",
            fn (JobFile $file, Job $row): JobFile => $this->add($file, $row, $circuit, $load),
        );

        return JobResponse::changed($request, JobScreen::of($edited, StageKey::Loads, $circuit), "Added $load->name");
    }

    /** A load as its nameplate says it: amperes, or horsepower and code letter. */
    public function nameplate(NameplateRequest $request, Job $job, string $circuit): Response|RedirectResponse
    {
        $in = $request->values();
        $label = "Load {$in->text('name')} from its nameplate";
        $edited = JobEditor::change($job, $this->user(), $label, function (JobFile $file, Job $row) use ($circuit, $in): JobFile {
            $plate = $this->readPlate($in, $this->circuit($file, $row, $circuit)->leg());
            $load = new Load(
                $this->newKey(), $in->text('name'), LoadKind::from($in->text('kind')), $plate->runW, $plate->startW, $in->number('pf'),
            );

            return $this->add($file, $row, $circuit, $load);
        });

        return JobResponse::changed($request, JobScreen::of($edited, StageKey::Loads, $circuit), "Added {$in->text('name')}");
    }

    private function add(JobFile $file, Job $row, string $circuit, Load $load): JobFile
    {
        $found = $this->circuit($file, $row, $circuit);

        return $this->withCircuit($file, $found->with(loads: [...$found->loads, $load]));
    }

    private function readPlate(Values $in, Leg $leg): Nameplate
    {
        $rated = $in->numberOrNull('rla');
        $hp = $in->textOrNull('hp');
        if ($rated !== null && $hp !== null) {
            throw new Refused('hp', 'Horsepower must not be given together with rated amperes: the amperes of the plate count.');
        }
        if ($rated !== null) {
            return Nameplate::fromAmps($rated, $leg, $in->number('pf'), $in->numberOrNull('lra'), $in->number('soft_start_pct'));
        }
        if ($hp === null) {
            throw new Refused('rla', 'Rated is missing; or give horsepower and code letter.');
        }

        return Nameplate::fromHorsepower(
            $hp, $in->textOrNull('code_letter') ?? throw new Refused('code_letter', 'Code letter is missing: horsepower needs it.'), $leg,
            $in->number('pf'), $in->number('soft_start_pct'),
        );
    }

    public function update(LoadRequest $request, Job $job, string $load): Response|RedirectResponse
    {
        $in = $request->values();
        $now = LoadPart::read($load, $in);
        $at = '';
        $edited = JobEditor::change($job, $this->user(), 'Load '
            ."$now->name", function (JobFile $file, Job $row) use ($request, $load, $in, $now, &$at): JobFile {
                $circuit = $this->circuitOf($file, $row, $load);
                $at = $circuit->id;
                $key = [...$this->placeOf($file, $circuit->id), 'loads', $load];
                Conflict::guard($row, $key, LoadPart::write($this->load($circuit, $row, $load)), $request->was(), $in->all());

                return $this->withCircuit(
                    $file, $circuit->with(loads: array_map(fn (Load $l): Load => $l->id === $load ? $now : $l, $circuit->loads)),
                );
            });

        return JobResponse::changed($request, JobScreen::of($edited, StageKey::Loads, $at), 'Saved');
    }

    public function destroy(Request $request, Job $job, string $load): Response|RedirectResponse
    {
        $at = '';
        $edited = JobEditor::change($job, $this->user(), 'Load removed', function (JobFile $file, Job $row) use ($load, &$at): JobFile {
            $circuit = $this->circuitOf($file, $row, $load);
            $at = $circuit->id;

            return $this->withCircuit(
                $file, $circuit->with(loads: array_values(array_filter($circuit->loads, fn (Load $l): bool => $l->id !== $load))),
            );
        });

        return JobResponse::changed($request, JobScreen::of($edited, StageKey::Loads, $at), 'Removed. Undo brings it back');
    }
}
