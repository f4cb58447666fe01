<?php

declare(strict_types=1);

namespace App\Http\Controllers\Price;

use App\Http\Controllers\Controller;
use App\Http\Controllers\EditsJob;
use App\Http\Controllers\SavesChoices;
use App\Http\Requests\Place\RemoveRequest;
use App\Http\Requests\Price\BesideRequest;
use App\Http\Requests\Price\ExtraRequest;
use App\Http\Requests\Price\OfferRequest;
use App\JobFile\Conflict;
use App\Models\Job;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Underpin\Job\Extra;
use Underpin\Job\Job as JobFile;
use Underpin\Job\Offer;
use Underpin\Job\Part\OfferPart;
use Underpin\Refused;
use Underpin\StageKey;

/** What is offered to the customer, before it is handed over. */
final class OfferController extends Controller
{
    use EditsJob;
    use SavesChoices;

    public function store(OfferRequest $request, Job $job): Response|RedirectResponse
    {
        $in = $request->values();

        return $this->save($request, $job, 'Offer', function (JobFile $file, Job $row) use ($request, $in): JobFile {
            $is = $file->offer;
            Conflict::guard($row, ['offer'], OfferPart::writeOffer($is), $request->was(), $in->all());

            return $file->with(new Offer(
                $is->besides, $in->flagOrNull('own_machine'), $in->numberOrNull('permit_usd'), $in->numberOrNull('travel_usd'),
                $in->textOrNull('note') ?? '', $is->extras,
            ));
        });
    }

    public function beside(BesideRequest $request, Job $job): Response|RedirectResponse
    {
        $way = $request->values()->text('way');
        $offered = $request->values()->flag('offered');

        return $this->save($request, $job, 'Ways that are offered', function (JobFile $file) use ($way, $offered): JobFile {
            $others = array_values(array_diff($file->offer->besides, [$way]));
            if ($offered && count($others) >= Offer::MOST_WAYS - 1) {
                throw new Refused('way', sprintf(
                    'Offered beside it: at most %d ways stand beside the one that is picked. Take one out first.', Offer::MOST_WAYS - 1,
                ));
            }

            return $file->with($file->offer->offering($offered ? [...$others, $way] : $others));
        });
    }

    public function extra(ExtraRequest $request, Job $job): Response|RedirectResponse
    {
        $in = $request->values();
        $id = $in->text('id');
        $extra = new Extra($id === '' ? $this->newKey() : $id, $in->text('what'), $in->number('usd'));

        return $this->save($request, $job, $extra->what, function (JobFile $file, Job $row) use ($request, $id, $extra): JobFile {
            $all = $file->offer->extras;
            $there = array_values(array_filter($all, fn (Extra $e): bool => $e->id === $id))[0] ?? null;
            if ($id !== '' && $there === null) {
                throw Conflict::gone($row);
            }
            if ($there !== null) {
                Conflict::guard(
                    $row, ['offer', 'extras', $id], ['what' => $there->what, 'usd' => $there->usd], $request->was(),
                    ['what' => $extra->what, 'usd' => $extra->usd],
                );
            }

            return $file->with($file->offer->with($there === null
                ? [...$all, $extra]
                : array_map(fn (Extra $e): Extra => $e->id === $id ? $extra : $e, $all)));
        });
    }

    public function destroy(RemoveRequest $request, Job $job): Response|RedirectResponse
    {
        $id = $request->values()->text('id');

        return $this->save($request, $job, 'Taken out of the offer', function (JobFile $file, Job $row) use ($id): JobFile {
            $left = array_values(array_filter($file->offer->extras, fn (Extra $e): bool => $e->id !== $id));

            return count($left) === count($file->offer->extras) ? throw Conflict::gone($row) : $file->with($file->offer->with($left));
        });
    }

    private function stage(): StageKey
    {
        return StageKey::PriceAndPapers;
    }
}
