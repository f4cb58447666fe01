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
use Underpin\Form\Form;
use Underpin\JobFile\JobFileForm;
use Underpin\Loads\Load;
use Underpin\Loads\LoadKind;
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

    public function update(Request $request, Job $job, string $load): Response|RedirectResponse
    {
        $now = FormInput::read($request, self::figures())->all();
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

    private static function figures(): Form
    {
        return JobFileForm::load()->only('name', 'kind', 'run_w', 'start_w', 'pf');
    }
}
