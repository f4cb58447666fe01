<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\FormInput;
use App\Http\JobResponse;
use App\JobFile\Conflict;
use App\JobFile\JobEditor;
use App\Models\Job;
use App\Models\Machine;
use App\Screens\JobScreen;
use App\Screens\SizeScreen;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Underpin\Connection\Ways;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Job\Connection;
use Underpin\Job\Fuel;
use Underpin\Job\Generator;
use Underpin\Job\Job as JobFile;
use Underpin\Job\Part\ConnectionPart;
use Underpin\Job\Part\GeneratorPart;
use Underpin\Job\Part\WireRunPart;
use Underpin\Job\StartRoutine;
use Underpin\Refused;
use Underpin\Sizing\Supply;
use Underpin\StageKey;

/** The choices of a job: machine, way of connecting, wire, and who comes first at the start. */
final class PickController extends Controller
{
    private const PARTS = ['header', 'strip', 'spine', 'main'];

    public function machine(Request $request, Job $job): Response|RedirectResponse
    {
        $in = FormInput::read($request, new Form(Field::text('key', 'the machine')->label('Generator')->atMost(40), GeneratorPart::fuel()));
        $picked = $in->text('key') === '' ? null : $this->picked($in->text('key'), $in->textOrNull('fuel') ?? '');
        $label = $picked === null ? 'No generator' : 'Generator '.$picked->words();

        return $this->save($request, $job, StageKey::Size, $label, function (JobFile $file, Job $row) use ($request, $picked): JobFile {
            $was = FormInput::was($request);
            Conflict::guard($row, ['machine'], ['machine' => $file->generator->machine?->id], $was, ['machine' => $picked?->machine->id]);
            Conflict::guard($row, ['fuel'], ['fuel' => $file->generator->fuel?->value], $was, ['fuel' => $picked?->fuel->value]);

            return $file->with(new Generator($picked?->machine, $picked?->fuel, $file->generator->marginPct));
        });
    }

    public function connection(Request $request, Job $job): Response|RedirectResponse
    {
        $ways = Ways::standard();
        $in = FormInput::read($request, new Form(
            Field::choice('connection', 'the way of connecting', $ways->options())->label('Connection')->optional('none picked'),
        ));
        $key = $in->textOrNull('connection');

        return $this->save($request, $job, StageKey::Connect, 'Connection: '
            .($ways->find($key)?->words() ?? 'none'), function (JobFile $file, Job $row) use ($request, $key): JobFile {
                Conflict::guard(
                    $row, ['connection'], ['connection' => $file->connection->way], FormInput::was($request), ['connection' => $key],
                );

                return $file->with(new Connection($key, $file->connection->routine));
            });
    }

    public function wire(Request $request, Job $job): Response|RedirectResponse
    {
        $in = FormInput::read($request, WireRunPart::form());

        return $this->save($request, $job, StageKey::Wire, 'Wire run', function (JobFile $file, Job $row) use ($request, $in): JobFile {
            Conflict::guard($row, ['wire'], WireRunPart::writeRun($file->wire), FormInput::was($request), $in->all());

            return $file->with(WireRunPart::run($in));
        });
    }

    public function routine(Request $request, Job $job): Response|RedirectResponse
    {
        $in = FormInput::read($request, new Form(ConnectionPart::routine()));

        $edit = function (JobFile $file, Job $row) use ($request, $in): JobFile {
            Conflict::guard(
                $row, ['start_school'], ['start_school' => $file->connection->routine->value], FormInput::was($request), $in->all(),
            );

            return $file->with(new Connection($file->connection->way, StartRoutine::from($in->text('start_school'))));
        };

        return $this->save($request, $job, StageKey::Run, 'Order of the start', $edit);
    }

    public function margin(Request $request, Job $job): Response|RedirectResponse
    {
        $in = FormInput::read($request, new Form(GeneratorPart::margin()));
        $margin = $in->number('margin_pct');

        return $this->save($request, $job, StageKey::Size, "Margin $margin "
            .'%', function (JobFile $file, Job $row) use ($request, $in, $margin): JobFile {
                Conflict::guard($row, ['margin_pct'], ['margin_pct' => $file->generator->marginPct], FormInput::was($request), $in->all());

                return $file->with($file->generator->withMargin($margin));
            });
    }

    private function picked(string $key, string $fuel): Supply
    {
        $row = Machine::query()->where('shop_id', $this->user()->shop_id)->where('key', $key)->first()
            ?? throw new Refused('key', 'That machine is not in the catalogue any more.');

        return new Supply(
            SizeScreen::machine($row), Fuel::tryFrom($fuel) ?? throw new Refused('fuel', 'Fuel is missing: say what it burns here.'),
        );
    }

    /** @param  callable(JobFile, Job): JobFile  $change */
    private function save(Request $request, Job $job, StageKey $stage, string $label, callable $change): Response|RedirectResponse
    {
        $edited = JobEditor::change($job, $this->user(), $label, $change);

        return JobResponse::parts($request, JobScreen::of($edited, $stage), self::PARTS, $label);
    }
}
