<?php

declare(strict_types=1);

namespace App\Http\Controllers\Size;

use App\Http\Controllers\Controller;
use App\Http\Controllers\SavesChoices;
use App\Http\Requests\Size\MachineRequest;
use App\Http\Requests\Size\MarginRequest;
use App\JobFile\Conflict;
use App\Models\Job;
use App\Models\Machine;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Underpin\Job\Fuel;
use Underpin\Job\Generator;
use Underpin\Job\Job as JobFile;
use Underpin\Refused;
use Underpin\Sizing\Supply;
use Underpin\StageKey;

/** The machine that is picked, and the margin that is to stay free. */
final class GeneratorController extends Controller
{
    use SavesChoices;

    public function machine(MachineRequest $request, Job $job): Response|RedirectResponse
    {
        $in = $request->values();
        $picked = $in->text('key') === '' ? null : $this->picked($in->text('key'), $in->textOrNull('fuel') ?? '');
        $label = $picked === null ? 'No generator' : 'Generator '.$picked->words();

        return $this->save($request, $job, $label, function (JobFile $file, Job $row) use ($request, $picked): JobFile {
            $was = $request->was();
            Conflict::guard($row, ['machine'], ['machine' => $file->generator->machine?->id], $was, ['machine' => $picked?->machine->id]);
            Conflict::guard($row, ['fuel'], ['fuel' => $file->generator->fuel?->value], $was, ['fuel' => $picked?->fuel->value]);

            return $file->with(new Generator($picked?->machine, $picked?->fuel, $file->generator->marginPct));
        });
    }

    public function margin(MarginRequest $request, Job $job): Response|RedirectResponse
    {
        $in = $request->values();
        $margin = $in->number('margin_pct');

        $edit = function (JobFile $file, Job $row) use ($request, $in, $margin): JobFile {
            Conflict::guard($row, ['margin_pct'], ['margin_pct' => $file->generator->marginPct], $request->was(), $in->all());

            return $file->with($file->generator->withMargin($margin));
        };

        return $this->save($request, $job, "Margin $margin %", $edit);
    }

    private function picked(string $key, string $fuel): Supply
    {
        $row = Machine::query()->where('shop_id', $this->user()->shop_id)->where('key', $key)->first()
            ?? throw new Refused('key', 'That machine is not in the catalogue any more.');

        return new Supply(
            $row->core(), Fuel::tryFrom($fuel) ?? throw new Refused('fuel', 'Fuel is missing: say what it burns here.'),
        );
    }

    private function stage(): StageKey
    {
        return StageKey::Size;
    }
}
