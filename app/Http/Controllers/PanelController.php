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
use Underpin\Form\Form;
use Underpin\JobFile\JobFileForm;
use Underpin\JobFile\Section\PanelSection;
use Underpin\Refused;
use Underpin\Service\Panel;
use Underpin\Service\PanelKind;
use Underpin\Service\SpaceList;
use Underpin\Stage;

/** The panels of a job. */
final class PanelController extends Controller
{
    use EditsJob;

    private const PARTS = ['header', 'strip', 'spine', 'chain', 'board', 'drawer'];

    public function store(Request $request, Job $job): Response|RedirectResponse
    {
        $in = FormInput::read($request, PanelSection::form()->only('name', 'spaces'));
        $edited = JobEditor::change($job, $this->user(), 'Panel '.$in->text('name').' added', function (Ledger $ledger, Job $row) use ($in): void {
            $count = $row->panels()->count();
            if ($count >= JobFileForm::MOST_PANELS) {
                throw new Refused('name', sprintf('A job may have at most %d panels.', JobFileForm::MOST_PANELS));
            }
            $ledger->addPanel(
                new Panel($this->newKey(), $in->text('name'), $in->whole('spaces'), $count === 0 ? PanelKind::Main : PanelKind::Sub),
                1 + (int) $row->panels()->max('position'),
            );
        });

        return JobResponse::parts($request, JobScreen::of($edited, Stage::Survey), self::PARTS, 'Added');
    }

    public function update(Request $request, Job $job, string $panel): Response|RedirectResponse
    {
        $now = FormInput::read($request, self::settings())->all();
        $spaces = is_string($now['tandem_spaces']) ? $now['tandem_spaces'] : '';
        $now['tandem_spaces'] = $spaces === '' ? '' : SpaceList::parse($spaces)->words();
        $edited = JobEditor::change($job, $this->user(), 'Panel '.$request->string('name')->toString(), function (Ledger $ledger, Job $row) use ($request, $panel, $now): void {
            $found = $this->panelRow($row, $panel);
            Conflict::guard($row, $found, FormInput::was($request), $now);
            $ledger->update($found, $now);
        });

        return JobResponse::parts($request, JobScreen::of($edited, Stage::Survey), self::PARTS, 'Saved');
    }

    public function destroy(Request $request, Job $job, string $panel): Response|RedirectResponse
    {
        $edited = JobEditor::change($job, $this->user(), 'Panel removed', function (Ledger $ledger, Job $row) use ($panel): void {
            $found = $this->panelRow($row, $panel);
            foreach ($row->panels()->where('fed_from', $panel)->get() as $fed) {
                $ledger->update($fed, ['fed_from' => '', 'feeder_a' => null, 'feeder_circuit' => '']);
            }
            $ledger->emptyPanel($found);
            $ledger->delete($found);
        });

        return JobResponse::parts($request, JobScreen::of($edited, Stage::Survey), self::PARTS, 'Removed. Press u to undo');
    }

    private static function settings(): Form
    {
        return PanelSection::form()->only('name', 'kind', 'spaces', 'main_a', 'interlock_listed', 'interlock_space', 'has_multiwire', 'fed_from', 'feeder_a', 'feeder_circuit', 'bonded', 'tandem_spaces');
    }
}
