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
use Underpin\JobFile\Section\ExistingSection;
use Underpin\JobFile\Section\SiteSection;
use Underpin\Service\ExistingFault;
use Underpin\Stage;

/** What a person finds on site beside the panels: old equipment, fuel, ground and climate. */
final class SurveyController extends Controller
{
    private const PARTS = ['header', 'spine', 'site', 'drawer'];

    /** One question about equipment that is there already. */
    public function existing(Request $request, Job $job): Response|RedirectResponse
    {
        $in = FormInput::read($request, new Form(
            Field::choice('question', 'the fault asked for', array_column(ExistingFault::cases(), 'value')),
            Field::flag('found', 'the fault is there')->optional('not looked at'),
        ));
        $fault = ExistingFault::from($in->text('question'));
        $found = $in->flagOrNull('found');
        $edited = JobEditor::change($job, $this->user(), $fault->question().' '.match ($found) {
            true => 'Yes', false => 'No', null => 'Not looked at',
        }, function (Ledger $ledger, Job $row) use ($request, $fault, $found): void {
            $existing = JobRows::read($row)->existing;
            Conflict::guardValues($row, $row, ['found' => $existing->answer($fault)], FormInput::was($request), ['found' => $found]);
            $ledger->update($row, ['existing' => ExistingSection::write($existing->with($fault, $found))]);
        });

        return JobResponse::parts($request, JobScreen::of($edited, Stage::Survey), ['header', 'spine', 'existing', 'drawer'], 'Saved');
    }

    public function site(Request $request, Job $job): Response|RedirectResponse
    {
        $site = SiteSection::write(SiteSection::read(FormInput::read($request, SiteSection::form())));
        $edited = JobEditor::change($job, $this->user(), 'Fuel, ground and climate', function (Ledger $ledger, Job $row) use ($request, $site): void {
            Conflict::guardValues($row, $row, SiteSection::write(JobRows::read($row)->site), FormInput::was($request), $site);
            $ledger->update($row, ['site' => $site]);
        });

        return JobResponse::parts($request, JobScreen::of($edited, Stage::Survey), self::PARTS, 'Saved');
    }
}
