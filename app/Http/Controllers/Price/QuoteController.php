<?php

declare(strict_types=1);

namespace App\Http\Controllers\Price;

use App\Documents\PaperPdf;
use App\Http\Controllers\Controller;
use App\Http\Controllers\SavesChoices;
use App\Http\Requests\Price\AnswerRequest;
use App\Http\Requests\Price\HandOverRequest;
use App\JobFile\Conflict;
use App\JobFile\JobEditor;
use App\Models\Job;
use App\Models\Shop;
use App\Shop\ShopPrices;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Underpin\Design\Design;
use Underpin\Job\Job as JobFile;
use Underpin\Job\Part\QuotesPart;
use Underpin\Papers\QuoteSheet;
use Underpin\Pricing\Quoting\NewQuote;
use Underpin\Refused;
use Underpin\StageKey;

/** Quotes of a job: handed over as they are, answered, printed. */
final class QuoteController extends Controller
{
    use SavesChoices;

    public function store(HandOverRequest $request, Job $job): Response|RedirectResponse
    {
        $in = $request->values();
        $said = 'Quote handed over';

        return $this->save($request, $job, $said, function (JobFile $file, Job $row) use ($in): JobFile {
            $offered = NewQuote::of(new Design($file), ShopPrices::book($row->shop));
            $total = $offered->estimates === [] ? null : $offered->estimates[0]->total()->cents;
            if ($total !== null && $total !== $in->whole('total_cents')) {
                throw new Refused('quote', 'The price has changed since this page was opened. Look at it again, then hand it over.');
            }
            $last = $file->quotes->last();
            $number = $in->flag('revises') && $last !== null ? $last->number : $this->nextNumber($row);

            return $file->with($file->quotes->with($offered->handOver($number, now()->toDateString(), $this->user()->name)));
        });
    }

    public function answer(AnswerRequest $request, Job $job): Response|RedirectResponse
    {
        $in = $request->values();
        $id = $in->text('quote');
        $answer = QuotesPart::answerOf($in);
        $label = "Quote $id {$answer->kind->words()}";

        return $this->save($request, $job, $label, function (JobFile $file, Job $row) use ($id, $answer): JobFile {
            $today = now()->toDateString();
            if ($file->quotes->find($id) === null) {
                throw Conflict::gone($row);
            }
            if ($answer->on === '' || $answer->on > $today) {
                throw new Refused('on', "On: the day on which it was said, today ($today) at the latest.");
            }

            return $file->with($file->quotes->answered($id, $answer));
        });
    }

    public function pdf(Job $job, string $quote): Response|RedirectResponse
    {
        $file = JobEditor::open($job)->job;
        $found = $file->quotes->find($quote);
        if ($found === null) {
            return redirect()->route('jobs.stage', [$job->id, StageKey::PriceAndPapers->value])->with('status',
                "There is no quote $quote here.");
        }

        return response(PaperPdf::blocks($found->title(), QuoteSheet::blocks($found, $file->customer), $job, $file, $found->on), 200, [
            'Content-Type' => 'application/pdf', 'Content-Disposition' => "attachment; filename=\"quote-{$found->id()}.pdf\"",
        ]);
    }

    /** The next of the shop; two who hand over at once wait for each other. */
    private function nextNumber(Job $row): int
    {
        $shop = Shop::query()->where('id', $row->shop_id)->lockForUpdate()->firstOrFail();
        $shop->last_quote++;
        $shop->save();

        return $shop->last_quote;
    }

    private function stage(): StageKey
    {
        return StageKey::PriceAndPapers;
    }
}
