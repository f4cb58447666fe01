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
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\JobFile\Customer;
use Underpin\JobFile\JobFile;
use Underpin\JobFile\JobFileForm;
use Underpin\Service\Panel;
use Underpin\Stage;

/** The board of all jobs, and the facts of one that belong to no panel. */
final class JobController extends Controller
{
    private const PER_PAGE = 30;

    public function index(Request $request): View
    {
        $search = trim(mb_substr($request->string('q')->toString(), 0, 100));
        $jobs = Job::query()->where('shop_id', $this->user()->shop_id)->orderByDesc('updated_at')->orderByDesc('id');
        foreach (array_filter(explode(' ', $search)) as $word) {
            $like = '%'.addcslashes($word, '%_\\').'%';
            $jobs->where(fn ($query) => $query->where('name', 'like', $like)->orWhere('customer_name', 'like', $like)->orWhere('customer_address', 'like', $like));
        }

        return view('jobs.index', ['jobs' => $jobs->paginate(self::PER_PAGE)->withQueryString(), 'search' => $search]);
    }

    public function store(Request $request): RedirectResponse
    {
        $in = FormInput::read($request, new Form(
            Field::text('name', 'the job')->required()->atMost(100),
            Field::text('customer_name', 'customer')->atMost(100),
            Field::numberChoice('spaces', 'spaces of its panel', Panel::COMMON_SPACES)->default(42),
        ));
        $edited = JobEditor::create($this->user()->shop, $this->user(), new JobFile(
            $in->text('name'),
            new Customer($in->text('customer_name')),
            panels: [new Panel('main', 'Main panel', $in->whole('spaces'))],
        ));

        return redirect()->route('jobs.stage', [$edited->row->id, Stage::Survey->value]);
    }

    public function show(Job $job): RedirectResponse
    {
        return redirect()->route('jobs.stage', [$job->id, $job->reached]);
    }

    /** Customer and service: the survey's facts about the job as a whole. */
    public function update(Request $request, Job $job): Response|RedirectResponse
    {
        $in = FormInput::read($request, new Form(
            Field::text('name', 'the job')->required()->atMost(100),
            Field::text('customer_name', 'customer')->atMost(100),
            Field::text('customer_address', 'where the work is done')->atMost(200),
            Field::text('customer_phone', 'telephone')->atMost(40),
            Field::text('customer_email', 'mail address')->atMost(200),
            ...JobFileForm::form()->only('service_a', 'notes')->fields(),
        ));
        $now = $in->all();
        $edited = JobEditor::change($job, $this->user(), 'Job and customer', function (Ledger $ledger, Job $row) use ($request, $now): void {
            Conflict::guard($row, $row, FormInput::was($request), $now);
            $ledger->update($row, $now);
        });

        return JobResponse::parts($request, JobScreen::of($edited, Stage::Survey), ['header', 'strip', 'spine', 'missing'], 'Saved');
    }

    public function destroy(Job $job): RedirectResponse
    {
        $job->delete();

        return redirect()->route('jobs.index')->with(['status' => "$job->name was removed.", 'restore' => $job->id]);
    }

    public function restore(string $id): RedirectResponse
    {
        $job = Job::onlyTrashed()->where('shop_id', $this->user()->shop_id)->findOrFail($id);
        $job->restore();

        return redirect()->route('jobs.show', $job->id)->with('status', "$job->name is back.");
    }
}
