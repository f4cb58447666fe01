<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Http\Controllers\Controller;
use App\Http\Controllers\EditsJob;
use App\Http\JobResponse;
use App\Http\Requests\Survey\FirstPanelRequest;
use App\Http\Requests\Survey\NewPanelRequest;
use App\Http\Requests\Survey\PanelRequest;
use App\JobFile\Conflict;
use App\JobFile\JobEditor;
use App\Models\Job;
use App\Screens\JobScreen;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Underpin\Job\FeederGround;
use Underpin\Job\Job as JobFile;
use Underpin\Job\Panel;
use Underpin\Job\PanelKind;
use Underpin\Job\Part\PanelPart;
use Underpin\Job\SpaceList;
use Underpin\Refused;
use Underpin\StageKey;

/** The panels of a job. */
final class PanelController extends Controller
{
    use EditsJob;

    public function store(NewPanelRequest $request, Job $job): Response|RedirectResponse
    {
        $in = $request->values();
        $edited = JobEditor::change($job, $this->user(), 'Panel '.$in->text('name').' added', function (JobFile $file) use ($in): JobFile {
            $panels = $file->service->panels;
            if (count($panels) >= JobFile::MOST_PANELS) {
                throw new Refused('name', sprintf('A job may have at most %d panels.', JobFile::MOST_PANELS));
            }
            $new = new Panel($this->newKey(), $in->text('name'), $in->whole('spaces'), $panels === [] ? PanelKind::Main : PanelKind::Sub);

            return $file->with($file->service->with(panels: [...$panels, $new]));
        });

        return JobResponse::changed($request, JobScreen::of($edited, StageKey::Survey), 'Added');
    }

    /** The panel that a job begins with; its breakers are typed in the grid. */
    public function first(FirstPanelRequest $request, Job $job): RedirectResponse
    {
        $in = $request->values();
        JobEditor::change($job, $this->user(), 'Main panel added', fn (JobFile $file): JobFile => $file->service->panels === []
            ? $file->with($file->service->with(panels: [
                new Panel('main', 'Main panel', $in->whole('spaces'), mainAmps: $in->wholeOrNull('main_a')),
            ]))
            : throw new Refused('spaces', 'Spaces: this job has a panel already.'));

        return redirect()->route('jobs.grid', $job->id);
    }

    public function update(PanelRequest $request, Job $job, string $panel): Response|RedirectResponse
    {
        $in = $request->values();
        $tandems = $in->text('tandem_spaces') === '' ? null : SpaceList::parse($in->text('tandem_spaces'));
        $now = ['tandem_spaces' => $tandems?->words() ?? ''] + $in->all();
        $edited = JobEditor::change($job, $this->user(), 'Panel '
            .$in->text('name'), function (JobFile $file, Job $row) use ($request, $panel, $in, $tandems, $now): JobFile {
                $found = $this->panel($file, $row, $panel);
                Conflict::guard($row, ['panels', $panel], PanelPart::write($found), $request->was(), $now);

                return $file->with($file->service->withPanel($found->with(
                    name: $in->text('name'), kind: PanelKind::from($in->text('kind')), spaces: $in->whole('spaces'),
                    mainAmps: $in->wholeOrNull('main_a'),
                    interlockListed: $in->flagOrNull('interlock_listed'), interlockSpace: $in->whole('interlock_space'),
                    hasMultiwire: $in->flagOrNull('has_multiwire'), fedFrom: $in->text('fed_from'),
                    feederAmps: $in->wholeOrNull('feeder_a'),
                    feederCircuit: $in->text('feeder_circuit'), bonded: $in->flagOrNull('bonded'), tandemSpaces: $tandems,
                    feederGround: FeederGround::tryFrom($in->textOrNull('feeder_ground') ?? ''),
                    otherBuilding: $in->flagOrNull('other_building'), mainLugs: $in->flagOrNull('main_lugs'),
                    busAmps: $in->wholeOrNull('bus_a'),
                )));
            });

        return JobResponse::changed($request, JobScreen::of($edited, StageKey::Survey), 'Saved');
    }

    public function destroy(Request $request, Job $job, string $panel): Response|RedirectResponse
    {
        $edited = JobEditor::change($job, $this->user(), 'Panel removed', function (JobFile $file, Job $row) use ($panel): JobFile {
            $this->panel($file, $row, $panel);
            $left = array_filter($file->service->panels, fn (Panel $p): bool => $p->id !== $panel);

            return $file->with($file->service->with(panels: array_values(array_map(
                fn (Panel $p): Panel => $p->fedFrom === $panel ? $p->with(fedFrom: '', feederAmps: null, feederCircuit: '') : $p,
                $left,
            ))));
        });

        return JobResponse::changed($request, JobScreen::of($edited, StageKey::Survey), 'Removed. Undo brings it back');
    }
}
