<?php

declare(strict_types=1);

namespace App\Http\Controllers\Size;

use App\Http\Controllers\Controller;
use App\Http\FormInput;
use App\Models\Job;
use App\Models\Run;
use App\Outages\ManyOutages;
use App\Runs\Runs;
use App\Screens\JobScreen;
use App\Screens\ManyOutagesScreen;
use App\Screens\OutageScreen;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Underpin\Form\Values;
use Underpin\Outage\OutageForm;
use Underpin\Refused;
use Underpin\StageKey;

/** An outage of a job acted out: its page, a span of it for the picture, and the board at a moment of it. */
final class OutageController extends Controller
{
    public function show(Request $request, Job $job): View|RedirectResponse
    {
        $screen = JobScreen::open($job, StageKey::Size);
        try {
            $outage = OutageScreen::of($screen, self::read($request));
        } catch (Refused $refused) {
            return redirect()->route('jobs.outage', $job->id)->withErrors([$refused->field => $refused->getMessage()]);
        } catch (ValidationException $fault) {
            // Back to itself, as it is without an answer: the page that asked may be this one.
            return redirect()->route('jobs.outage', $job->id)->withErrors($fault->errors())->withInput();
        }

        return view('size.outage', [
            'screen' => $screen, 'outage' => $outage, 'many' => ManyOutagesScreen::of($job, $screen->job, $outage->in),
        ]);
    }

    /** A thousand that are alike, by the worker of the queue. */
    public function many(Request $request, Job $job): RedirectResponse
    {
        $in = self::read($request);
        $input = ManyOutagesScreen::input($in);
        $last = Run::query()->where('job_id', $job->id)->where('task', (new ManyOutages)->key())->orderByDesc('id')->first();
        // The worker does one thing after the other: a second thousand would only wait behind the first.
        if ($last === null || $last->state->isOver()) {
            Runs::begin($job, $this->user(), new ManyOutages, 'A thousand outages like it', $input);
        }

        return redirect()->to(route('jobs.outage', [$job->id, ...$input]).'#many');
    }

    public function span(Request $request, Job $job): JsonResponse
    {
        return new JsonResponse(self::screen($request, $job)->span(self::seconds($request, 'from'), self::seconds($request, 'to')));
    }

    public function moment(Request $request, Job $job): JsonResponse
    {
        return new JsonResponse(self::screen($request, $job)->moment(self::seconds($request, 'at')));
    }

    private static function screen(Request $request, Job $job): OutageScreen
    {
        return OutageScreen::of(JobScreen::open($job, StageKey::Size), self::read($request));
    }

    /** What the address does not say is as usual. */
    private static function read(Request $request): Values
    {
        $form = OutageForm::form();
        foreach ($form->fields() as $field) {
            if (! $request->has($field->name)) {
                $request->merge([$field->name => null]);
            }
        }

        return FormInput::read($request, $form);
    }

    private static function seconds(Request $request, string $name): float
    {
        $given = $request->query($name);

        return is_numeric($given) && is_finite((float) $given)
            ? (float) $given
            : throw new Refused($name, ucfirst($name).' must be seconds from the beginning of the outage.');
    }
}
