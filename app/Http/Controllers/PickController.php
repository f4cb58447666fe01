<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\FormInput;
use App\Http\JobResponse;
use App\JobFile\Conflict;
use App\JobFile\JobEditor;
use App\JobFile\Ledger;
use App\Models\Job;
use App\Models\Machine;
use App\Screens\JobScreen;
use App\Screens\SizeScreen;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Underpin\Connection\ConnectionKind;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\JobFile\JobFileForm;
use Underpin\JobFile\Section\MachineSection;
use Underpin\JobFile\Section\WireSection;
use Underpin\Refused;
use Underpin\Sizing\Fuel;
use Underpin\Sizing\Supply;
use Underpin\Stage;

/** The choices of a job: machine, way of connecting, wire, and who comes first at the start. */
final class PickController extends Controller
{
    private const PARTS = ['header', 'strip', 'spine', 'main'];

    public function machine(Request $request, Job $job): Response|RedirectResponse
    {
        $in = FormInput::read($request, new Form(
            Field::text('key', 'the machine')->atMost(40),
            JobFileForm::form()->only('fuel')->fields()[0],
        ));
        $columns = $in->text('key') === '' ? ['machine' => null, 'fuel' => null] : $this->picked($in->text('key'), $in->textOrNull('fuel') ?? '');
        $label = $columns['machine'] === null ? 'No generator' : "Generator {$columns['machine']['name']} on {$columns['fuel']}";

        return $this->save($request, $job, Stage::Size, $label, $columns);
    }

    public function connection(Request $request, Job $job): Response|RedirectResponse
    {
        $in = FormInput::read($request, JobFileForm::form()->only('connection'));
        $kind = ConnectionKind::tryFrom($in->textOrNull('connection') ?? '');

        return $this->save($request, $job, Stage::Connect, 'Connection: '.($kind?->words() ?? 'none'), ['connection' => $kind?->value]);
    }

    public function wire(Request $request, Job $job): Response|RedirectResponse
    {
        $in = FormInput::read($request, WireSection::form())->all();
        $columns = ['wire_method' => $in['method'], 'wire_material' => $in['material']] + array_diff_key($in, ['method' => 0, 'material' => 0]);

        return $this->save($request, $job, Stage::Wire, 'Wire run', $columns);
    }

    public function school(Request $request, Job $job): Response|RedirectResponse
    {
        $in = FormInput::read($request, JobFileForm::form()->only('start_school'));

        return $this->save($request, $job, Stage::Run, 'Order of the start', $in->all());
    }

    public function margin(Request $request, Job $job): Response|RedirectResponse
    {
        $in = FormInput::read($request, JobFileForm::form()->only('margin_pct'));

        return $this->save($request, $job, Stage::Size, "Margin {$in->number('margin_pct')} %", $in->all());
    }

    /** @return array{machine: array{name: string, ...}, fuel: string} */
    private function picked(string $key, string $fuel): array
    {
        $row = Machine::query()->where('shop_id', $this->user()->shop_id)->where('key', $key)->first()
            ?? throw new Refused('key', 'That machine is not in the catalogue any more.');
        $supply = new Supply(SizeScreen::machine($row), Fuel::tryFrom($fuel) ?? throw new Refused('fuel', 'fuel is missing.'));

        /** @var array{name: string, ...} $spec */
        $spec = MachineSection::write($supply->machine);

        return ['machine' => $spec, 'fuel' => $supply->fuel->value];
    }

    /** @param  array<string, mixed>  $columns */
    private function save(Request $request, Job $job, Stage $stage, string $label, array $columns): Response|RedirectResponse
    {
        $edited = JobEditor::change($job, $this->user(), $label, function (Ledger $ledger, Job $row) use ($request, $columns): void {
            Conflict::guard($row, $row, FormInput::was($request), array_diff_key($columns, ['machine' => 0]));
            $ledger->update($row, $columns);
        });

        return JobResponse::parts($request, JobScreen::of($edited, $stage), self::PARTS, $label);
    }
}
