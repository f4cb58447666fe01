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
use Underpin\Pricing\Quoting\NewQuote;

/** What the demo shop has offered, sent and agreed. All invented. */
final class DemoOffers
{
    private function __construct(private readonly Shop $shop, private readonly User $by)
    {
    }

    /** Two ways beside each other, waiting for an answer. */
    public static function dairy(Shop $shop, User $by, Job $row): void
    {
        $self = new self($shop->refresh(), $by);
        $self->offer($row, new Offer(['transfer_subpanel'], false,
            note: 'The milking line runs on either. With the transfer panel nobody can '
            .'bring on more than the machine carries.'));
        $self->quote($row, 6);
    }

    /** Small jobs, and what became of their quotes. */
    public static function small(Shop $shop, User $by, Job $row, ?AnswerKind $answer, int $daysAgo): void
    {
        $self = new self($shop->refresh(), $by);
        $self->offer($row, new Offer(ownMachine: $answer === AnswerKind::Declined));
        $self->quote($row, $daysAgo);
        if ($answer !== null) {
            $self->answer($row, $answer, $row->customer_name, $daysAgo - 3);
        }
    }

    /** A quote, a change on site, a revision that was accepted, letters that went out, and a machine that decides the day. */
    public static function lodge(Shop $shop, User $by, Job $row): void
    {
        $self = new self($shop->refresh(), $by);
        $self->offer($row, new Offer(ownMachine: false, permitUsd: 310.0, extras: [
            new Extra('lift', 'Lift to set the machine on its platform, a day', 640.0),
        ], note: 'Price without the gas pipe: the plumber quotes that.'));
        $self->quote($row, 40);
        JobEditor::change($row->refresh(), $by, 'Run to the platform measured again', fn (JobFile $file): JobFile => $file->with(
            new WireRun(null, 146.0, laying: $file->wire->laying, lengths: $file->wire->lengths),
        ));
        $self->quote($row, 31);
        $self->answer($row, AnswerKind::Accepted, 'Halvard Ness, for the cooperative', 27);
        JobEditor::change($row->refresh(), $by, 'Letters and days', fn (JobFile $file): JobFile => $file->with(new Agreed(
            '', [new StepNote('machine', 63, self::day(25)), new StepNote('parts', null, self::day(20))], [
                new SentPaper(
                    'permit', 'permit-packet', 'North district, permits', self::day(24), self::day(9), true,
                    'inspector asks to be called a week before',
                ),
                new SentPaper('gas', 'gas-letter', 'Tolliver Gas and Pipe', self::day(22)),
                new SentPaper('utility', 'utility-letter', 'North Shore Power', self::day(22), self::day(15), null,
                    '22,000 A at the cabinet'),
            ],
        )));
    }

    private function offer(Job $row, Offer $offer): void
    {
        JobEditor::change($row->refresh(), $this->by, 'Offer', fn (JobFile $file): JobFile => $file->with($offer));
    }

    private function quote(Job $row, int $daysAgo): void
    {
        $book = ShopPrices::book($this->shop);
        JobEditor::change($row->refresh(), $this->by, 'Quote handed over', function (JobFile $file) use ($book, $daysAgo): JobFile {
            $last = $file->quotes->last();
            $number = $last->number ?? ++$this->shop->last_quote;
            $this->shop->save();

            return $file->with($file->quotes->with(
                NewQuote::of(new Design($file), $book)->handOver($number, self::day($daysAgo), $this->by->name),
            ));
        });
    }

    private function answer(Job $row, AnswerKind $kind, string $name, int $daysAgo): void
    {
        JobEditor::change($row->refresh(), $this->by, "Quote {$kind->words()}", function (JobFile $file) use ($kind, $name,
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
