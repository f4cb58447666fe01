<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\FormInput;
use App\Http\JobResponse;
use App\JobFile\Conflict;
use App\JobFile\JobEditor;
use App\JobFile\Ledger;
use App\Models\Circuit;
use App\Models\Job;
use App\Screens\JobScreen;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Underpin\Codebook\CodeLetters;
use Underpin\Codebook\MotorCurrents;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Values;
use Underpin\JobFile\Section\LoadSection;
use Underpin\Loads\Load;
use Underpin\Loads\LoadKind;
use Underpin\Loads\Nameplate;
use Underpin\Refused;
use Underpin\Service\Half;
use Underpin\Service\Leg;
use Underpin\Service\Slot;
use Underpin\Stage;

/** What hangs on a circuit. */
final class LoadController extends Controller
{
    use EditsJob;

    private const PARTS = ['header', 'strip', 'spine', 'tally', 'circuit', 'drawer'];

    public function store(Request $request, Job $job, string $circuit): Response|RedirectResponse
    {
        $in = FormInput::read($request, self::figures());
        $load = new Load(
            $this->newKey(), $in->text('name'), LoadKind::from($in->text('kind')), $in->numberOrNull('run_w'), $in->numberOrNull('start_w'), $in->number('pf'),
        );
        $edited = JobEditor::change($job, $this->user(), "Load $load->name added", function (Ledger $ledger, Job $row) use ($circuit, $load): void {
            $found = $this->circuitRow($row, $circuit);
            $ledger->addLoad($found, $load, 1 + (int) $row->loads()->where('circuit_id', $found->id)->max('position'));
        });

        return JobResponse::parts($request, JobScreen::of($edited, Stage::Loads, $circuit), self::PARTS, "Added $load->name");
    }

    /** A load as its nameplate says it: amperes, or horsepower and code letter. */
    public function nameplate(Request $request, Job $job, string $circuit): Response|RedirectResponse
    {
        $in = FormInput::read($request, self::plate());
        $edited = JobEditor::change($job, $this->user(), "Load {$in->text('name')} from its nameplate", function (Ledger $ledger, Job $row) use ($circuit, $in): void {
            $found = $this->circuitRow($row, $circuit);
            $leg = (new Slot($found->space, $found->poles, Half::tryFrom($found->half ?? '')))->leg();
            $plate = $this->readPlate($in, $leg);
            $load = new Load($this->newKey(), $in->text('name'), LoadKind::from($in->text('kind')), $plate->runW, $plate->startW, $in->number('pf'));
            $ledger->addLoad($found, $load, 1 + (int) $row->loads()->where('circuit_id', $found->id)->max('position'));
        });

        return JobResponse::parts($request, JobScreen::of($edited, Stage::Loads, $circuit), self::PARTS, "Added {$in->text('name')}");
    }

    private function readPlate(Values $in, Leg $leg): Nameplate
    {
        $rated = $in->numberOrNull('rla');
        $hp = $in->textOrNull('hp');
        if ($rated !== null && $hp !== null) {
            throw new Refused('hp', 'hp must not be given together with rated amperes: the amperes of the plate count.');
        }
        if ($rated !== null) {
            return Nameplate::fromAmps($rated, $leg, $in->number('pf'), $in->numberOrNull('lra'), $in->number('soft_start_pct'));
        }
        if ($hp === null) {
            throw new Refused('rla', 'rla, the rated amperes, is missing; or give horsepower and code letter.');
        }

        return Nameplate::fromHorsepower(
            $hp, $in->textOrNull('code_letter') ?? throw new Refused('code_letter', 'code_letter is missing: horsepower needs it.'), $leg, $in->number('pf'), $in->number('soft_start_pct'),
        );
    }

    private static function plate(): Form
    {
        return new Form(
            ...LoadSection::form()->only('name', 'kind', 'pf')->fields(),
            ...[
                Field::number('rla', 'rated (full-load) amperes')->atMost(1000)->optional('then horsepower'),
                Field::number('lra', 'locked-rotor amperes')->atMost(5000)->optional('none on the plate'),
                Field::choice('hp', 'rated horsepower', MotorCurrents::sizes())->optional('then rated amperes'),
                Field::choice('code_letter', 'locked-rotor code letter', CodeLetters::letters())->hint(CodeLetters::NO_UPPER_END)->optional('then rated amperes'),
                Field::number('soft_start_pct', 'what a soft starter leaves of the start, per cent')->over(0)->atMost(100)->default(100),
            ],
        );
    }

    public function update(Request $request, Job $job, string $load): Response|RedirectResponse
    {
        $in = FormInput::read($request, self::whole());
        LoadSection::read($load, $in);
        $now = $in->all();
        $at = null;
        $edited = JobEditor::change($job, $this->user(), 'Load '.$request->string('name')->toString(), function (Ledger $ledger, Job $row) use ($request, $load, $now, &$at): void {
            $found = $this->loadRow($row, $load);
            Conflict::guard($row, $found, FormInput::was($request), $now);
            $ledger->update($found, $now);
            $at = $this->circuitKey($row, $found->circuit_id);
        });

        return JobResponse::parts($request, JobScreen::of($edited, Stage::Loads, $at), self::PARTS, 'Saved');
    }

    public function destroy(Request $request, Job $job, string $load): Response|RedirectResponse
    {
        $at = null;
        $edited = JobEditor::change($job, $this->user(), 'Load removed', function (Ledger $ledger, Job $row) use ($load, &$at): void {
            $found = $this->loadRow($row, $load);
            $at = $this->circuitKey($row, $found->circuit_id);
            $ledger->delete($found);
        });

        return JobResponse::parts($request, JobScreen::of($edited, Stage::Loads, $at), self::PARTS, 'Removed. Press u to undo');
    }

    private function circuitKey(Job $job, int $id): ?string
    {
        $circuit = $job->circuits()->find($id);

        return $circuit instanceof Circuit ? $circuit->key : null;
    }

    private static function whole(): Form
    {
        return LoadSection::form()->only('name', 'kind', 'run_w', 'start_w', 'pf', 'duty', 'on_s', 'off_s', 'season', 'phase');
    }

    private static function figures(): Form
    {
        return LoadSection::form()->only('name', 'kind', 'run_w', 'start_w', 'pf');
    }
}
