<?php

declare(strict_types=1);

namespace App\Http\Controllers\Jobs;

use App\Http\Controllers\Controller;
use App\Http\JobResponse;
use App\Http\Requests\Jobs\JobFactsRequest;
use App\Http\Requests\Jobs\NewJobRequest;
use App\JobFile\BoardFilter;
use App\JobFile\Conflict;
use App\JobFile\JobEditor;
use App\Models\Job;
use App\Screens\JobScreen;
use App\Shop\ShopRanges;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Underpin\Job\Customer;
use Underpin\Job\Job as JobFile;
use Underpin\Job\Work\Work;
use Underpin\StageKey;
use Underpin\Stages\Stages;

/** The board of all jobs, and the facts of one that belong to no panel. */
final class JobController extends Controller
{
    private const PER_PAGE = 30;

    public function index(Request $request): View
    {
        $search = trim(mb_substr($request->string('q')->toString(), 0, 100));
        $filter = BoardFilter::tryFrom($request->string('show')->toString()) ?? BoardFilter::All;
        $today = now()->toDateString();
        $byPlace = $request->boolean('by_place');
        $jobs = Job::query()->where('shop_id', $this->user()->shop_id);
        $filter->on($jobs, $today);
        // By place, so that one trip does for several; else what must be done first.
        $byPlace ? $jobs->orderByRaw("trim(substring_index(customer_address, ',', -1))")->orderBy('next_due') : $filter->sort($jobs);
        $jobs->orderByDesc('updated_at')->orderByDesc('id');
        foreach (array_filter(explode(' ', $search)) as $word) {
            $like = '%'.addcslashes($word, '%_\\').'%';
            $jobs->where(
                fn ($query) => $query
                    ->where('name', 'like', $like)
                    ->orWhere('customer_name', 'like', $like)
                    ->orWhere('customer_address', 'like', $like)
            );
        }

        return view(
            'jobs.index',
            ['jobs' => $jobs->paginate(self::PER_PAGE)->withQueryString(), 'search' => $search, 'stages' => Stages::standard()->all(),
                'filter' => $filter, 'byPlace' => $byPlace, 'today' => $today,
                'counts' => BoardFilter::counts($this->user()->shop_id, $today)],
        );
    }

    public function store(NewJobRequest $request): RedirectResponse
    {
        $in = $request->values();
        $edited = JobEditor::create($this->user()->shop, $this->user(), new JobFile(
            $in->text('name'), new Work(ranges: ShopRanges::own($this->user()->shop)),
        ));

        return redirect()->route('jobs.stage', [$edited->row->id, StageKey::Survey->value]);
    }

    public function show(Job $job): RedirectResponse
    {
        return redirect()->route('jobs.stage', [$job->id, $job->reached]);
    }

    /** Customer and service: the survey's facts about the job as a whole. */
    public function update(JobFactsRequest $request, Job $job): Response|RedirectResponse
    {
        $in = $request->values();
        $edit = function (JobFile $file, Job $row) use ($request, $in): JobFile {
            Conflict::guard($row, ['customer'], self::facts($file), $request->was(), $in->all());

            return $file->named($in->text('name'))->with(
                new Customer(
                    $in->text('customer_name'), $in->text('customer_address'), $in->text('customer_phone'), $in->text('customer_email'),
                    $in->text('notes'), $in->text('customer_utility_phone'),
                ),
                $file->service->with(amps: $in->wholeOrNull('service_a')),
            );
        };
        $edited = JobEditor::change($job, $this->user(), 'Job and customer', $edit);

        return JobResponse::changed($request, JobScreen::of($edited, StageKey::Survey), 'Saved');
    }

    /** @return array<string, mixed> as the form of the survey names them */
    public static function facts(JobFile $file): array
    {
        $customer = $file->customer;

        return [
            'name' => $file->name, 'customer_name' => $customer->name, 'customer_address' => $customer->address,
            'customer_phone' => $customer->phone,
            'customer_email' => $customer->email, 'customer_utility_phone' => $customer->utilityPhone, 'service_a' => $file->service->amps,
            'notes' => $customer->notes,
        ];
    }

    public function destroy(Job $job): RedirectResponse
    {
        JobEditor::remove($job, $this->user());

        return redirect()->route('jobs.index')->with(['status' => "$job->name was removed.", 'restore' => $job->id]);
    }
}
