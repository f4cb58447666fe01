<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\JobFile\JobEditor;
use App\Models\Job;
use App\Models\Shop;
use App\Models\User;
use App\Shop\ShopPrices;
use Illuminate\Support\Carbon;
use Underpin\Design\Design;
use Underpin\Job\Agreed;
use Underpin\Job\Extra;
use Underpin\Job\Job as JobFile;
use Underpin\Job\Offer;
use Underpin\Job\Quote\Answer;
use Underpin\Job\Quote\AnswerKind;
use Underpin\Job\Quote\Signature;
use Underpin\Job\SentPaper;
use Underpin\Job\StepNote;
use Underpin\Job\WireRun;
use Underpin\Pricing\Book\PriceBook;
use Underpin\Pricing\Quoting\NewQuote;

/** What the demo shop has offered, sent and agreed. All invented. */
final class DemoOffers
{
    private readonly PriceBook $book;

    public function __construct(private readonly Shop $shop)
    {
        $this->shop->refresh();
        $this->book = ShopPrices::book($shop);
    }

    /** Two ways beside each other; the first was taken, and all that the work waited for has come. */
    public function dairy(User $by, Job $row): void
    {
        $this->offer($by, $row, new Offer(['transfer_subpanel'], false,
            note: 'The milking line runs on either. With the transfer panel nobody can '
            .'bring on more than the machine carries.'));
        $this->quote($by, $row, 26);
        $this->answer($by, $row, AnswerKind::Accepted, 'Emeric Dunne', 23);
        $came = array_map(
            fn (string $step, array $days): StepNote => new StepNote($step, null, self::day($days[0]), self::day($days[1])),
            ['permit', 'machine', 'parts'], [[22, 11], [22, 6], [22, 15]],
        );
        JobEditor::change($row->refresh(), $by, 'What the work waited for', fn (JobFile $file): JobFile => $file->with(
            new Agreed(self::day(3), $came),
        ));
    }

    /** Small jobs, and what became of their quotes. */
    public function small(User $by, Job $row, ?AnswerKind $answer, int $daysAgo): void
    {
        $this->quote($by, $row, $daysAgo, new Offer(ownMachine: $answer === AnswerKind::Declined));
        if ($answer !== null) {
            $this->answer($by, $row, $answer, $row->customer_name, $daysAgo - 3);
        }
    }

    /** A quote, a change on site, a revision that was accepted, letters that went out, and a machine that decides the day. */
    public function lodge(User $by, Job $row): void
    {
        $this->offer($by, $row, new Offer(ownMachine: false, permitUsd: 310.0, extras: [
            new Extra('lift', 'Lift to set the machine on its platform, a day', 640.0),
        ], note: 'Price without the gas pipe: the plumber quotes that.'));
        $this->quote($by, $row, 40);
        JobEditor::change($row->refresh(), $by, 'Run to the platform measured again', fn (JobFile $file): JobFile => $file->with(
            new WireRun(null, 146.0, laying: $file->wire->laying, lengths: $file->wire->lengths),
        ));
        $this->quote($by, $row, 31);
        $this->answer($by, $row, AnswerKind::Accepted, 'Halvard Ness, for the cooperative', 27);
        JobEditor::change($row->refresh(), $by, 'Letters and days', fn (JobFile $file): JobFile => $file->with(new Agreed(
            '', [new StepNote('machine', 63, self::day(25)), new StepNote('parts', null, self::day(20))], [
                new SentPaper(
                    'permit', 'permit-packet', 'North district, permits', self::day(24), self::day(9), true,
                    'inspector asks to be called a week before',
                ),
                new SentPaper('gas', 'gas-letter', 'Tolliver Gas and Pipe', self::day(22)),
                new SentPaper('utility', 'utility-letter', 'North Shore Power', self::day(22), self::day(15), null,
                    'sends its fault current with the next mail'),
            ],
        )));
    }

    private function offer(User $by, Job $row, Offer $offer): void
    {
        JobEditor::change($row->refresh(), $by, 'Offer', fn (JobFile $file): JobFile => $file->with($offer));
    }

    private function quote(User $by, Job $row, int $daysAgo, ?Offer $offer = null): void
    {
        JobEditor::change($row->refresh(), $by, 'Quote handed over', function (JobFile $file) use ($by, $daysAgo, $offer): JobFile {
            $file = $offer === null ? $file : $file->with($offer);
            $last = $file->quotes->last();
            $number = $last->number ?? ++$this->shop->last_quote;
            $this->shop->save();

            return $file->with($file->quotes->with(
                NewQuote::of(new Design($file), $this->book)->handOver($number, self::day($daysAgo), $by->name),
            ));
        });
    }

    private function answer(User $by, Job $row, AnswerKind $kind, string $name, int $daysAgo): void
    {
        JobEditor::change($row->refresh(), $by, "Quote {$kind->words()}", function (JobFile $file) use ($kind, $name,
            $daysAgo): JobFile {
            $last = $file->quotes->last();

            return $last === null ? $file : $file->with($file->quotes->answered($last->id(), new Answer(
                $kind, $name, self::day($daysAgo), $kind === AnswerKind::Accepted ? $last->ways[0]->way : null,
                $kind === AnswerKind::Accepted ? new Signature(self::scrawl()) : null,
            )));
        });
    }

    private static function day(int $daysAgo): string
    {
        return Carbon::now()->subDays($daysAgo)->toDateString();
    }

    /** Loops that lean to the right, and a line below. */
    private static function scrawl(): string
    {
        $points = array_map(fn (int $i): string => sprintf(
            '%d,%d', (int) (60 + $i * 4.2 + 14 * sin($i / 2.1)), (int) (96 - 46 * cos($i / 2.3) * (1 - $i / 140)),
        ), range(0, 90));

        return implode(' ', $points).';80,160 180,152 320,150 470,146';
    }
}
