<?php

declare(strict_types=1);

namespace App\Http\Controllers\Price;

use App\Http\Controllers\Controller;
use App\Http\JobResponse;
use App\Http\Requests\Price\PartPriceRequest;
use App\Models\Job;
use App\Screens\JobScreen;
use App\Shop\Cells;
use App\Shop\PartPrices;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Underpin\Csv\Number;
use Underpin\Refused;
use Underpin\StageKey;

/** A price into the shop's book from the job that misses it, as of today. */
final class PartPriceController extends Controller
{
    public function __invoke(PartPriceRequest $request, Job $job): Response|RedirectResponse
    {
        Gate::forUser($this->user())->authorize('stock', $this->user()->shop);
        $in = $request->values();
        $usd = $in->numberOrNull('price_usd') ?? throw new Refused('price_usd', 'Price: dollars for one, 0 where it costs nothing.');
        $of = new PartPrices;
        $row = $of->same($this->user()->shop_id, $in);
        $shown = $row === null ? [] : $of->line($row);
        $cell = fn (string $column, string $value): array => ['value' => $value, 'was' => (string) ($shown[$column] ?? '')];
        $saved = (new Cells($this->user(), $of))->save([$row->key ?? 'new' => [
            ...$row !== null ? [] : ['part' => $cell('part', $in->text('part'))], 'unit' => $cell('unit', $in->text('unit')),
            'price_usd' => $cell('price_usd', Number::write($usd)), 'price_on' => $cell('price_on', now()->toDateString()),
        ]]);
        if ($saved['refused'] !== []) {
            throw new Refused('price_usd', $saved['refused'][0]['message']);
        }

        return JobResponse::changed($request, JobScreen::open($job, StageKey::PriceAndPapers), 'Price noted');
    }
}
