<?php

declare(strict_types=1);

namespace Underpin\Job\Part;

use Underpin\Form\FaultList;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Unit;
use Underpin\Form\Values;
use Underpin\Job\Job;
use Underpin\Job\Offer;
use Underpin\Job\Quote\Answer;
use Underpin\Job\Quote\AnswerKind;
use Underpin\Job\Quote\LineKind;
use Underpin\Job\Quote\Quote;
use Underpin\Job\Quote\QuotedLine;
use Underpin\Job\Quote\QuotedWay;
use Underpin\Job\Quote\Quotes;
use Underpin\Job\Quote\Signature;
use Underpin\Money;
use Underpin\Refused;

/** The quotes that were handed over, as they were, and what became of them. */
final class QuotesPart implements JobPart
{
    private const MOST_QUOTES = 40;

    private const MOST_LINES = 1_000;

    private const MOST_CENTS = 100_000_000_000;

    private const MOST_NUMBER = 9_999_999;

    public static function form(): Form
    {
        /** @var ?Form $form */
        static $form = null;

        return $form ??= new Form(
            Field::key(20), Field::whole('number', 'of the shop')->label('Number')->atLeast(1)->atMost(self::MOST_NUMBER),
            Field::whole('revision', '1 for the first')->label('Revision')->atLeast(1)->atMost(99),
            Field::date('on', 'handed over on')->label('Handed over on'), Field::date('until', 'holds until')->label('Holds until'),
            Field::text('by', 'who wrote it')->label('By')->atMost(100),
            Field::items('ways', 'the ways that it sets beside each other', self::way())->label('Ways')->atMost(Offer::MOST_WAYS),
            Field::number('deposit_pct', 'of the total')->label('Deposit')->in(Unit::PerCent)->atMost(100)->default(0),
            Field::text('terms', 'what stands under it')->label('Terms')->atMost(2_000),
            Field::text('note', 'what stands beside the price')->label('Note')->atMost(1_000),
            Field::text('changes', 'since the revision before, a line each')->label('Changes')->atMost(20_000),
            Field::group('answer', 'what became of it', self::answer())->label('Answer')->optional('none yet'),
        );
    }

    private static function way(): Form
    {
        return new Form(
            Field::text('way', 'its word in a job file')->label('Way')->atMost(60),
            Field::text('words', 'as it is said')->label('Way, in words')->atMost(200),
            Field::text('machine', 'name of the generator')->label('Machine')->atMost(200),
            Field::text('powers', 'which circuits run')->label('Powers')->atMost(4_000),
            Field::text('dead', 'which that must run do not')->label('Leaves dark')->atMost(4_000),
            Field::text('night', 'what the night asks')->label('At night')->atMost(500),
            Field::items('lines', 'what it is made of', self::line())->label('Lines')->atMost(self::MOST_LINES),
            Field::whole('tax_cents', 'sales tax')->label('Tax')->atMost(self::MOST_CENTS),
        );
    }

    private static function line(): Form
    {
        return new Form(
            Field::enum('kind', 'what it is for', LineKind::class)->label('Kind'), Field::text('key', 'the same in each revision')
                ->label('Key')->atMost(200),
            Field::text('words', 'as it is read')->label('Line')->atMost(200), Field::number('quantity', 'how much')
                ->label('Quantity')->atMost(1e9),
            Field::text('unit', 'of what')->label('Unit')->atMost(60),
            Field::whole('cents', 'for all of it, before tax')->label('Cents')->atMost(self::MOST_CENTS),
            Field::number('hours', 'of work that it counts')->label('Hours')->in(Unit::Hours)->atMost(1e6)->optional('no work, or not '
                .'kept'),
        );
    }

    public static function answer(): Form
    {
        /** @var ?Form $form */
        static $form = null;

        return $form ??= new Form(
            Field::enum('kind', 'what was said', AnswerKind::class)->label('Answer'),
            Field::text('name', 'who said it')->label('Name')->required()->atMost(100),
            Field::date('on', 'the day')->label('On'), Field::text('way', 'the way that was accepted')->label('Which of them')->atMost(60),
            Field::text('signature', 'strokes as x,y x,y;x,y x,y')->label('Signature')->atMost(Signature::LONGEST),
        );
    }

    public function fields(): array
    {
        return [Field::items('quotes', 'quotes that were handed over', self::form())->label('Quotes')->atMost(self::MOST_QUOTES)
            ->optional('none')];
    }

    public function read(Values $in, FaultList $faults): Quotes
    {
        return $faults->attempt('quotes', fn (): Quotes => new Quotes(array_map(self::quote(...), $in->itemsOrNone('quotes'))))
            ?? new Quotes;
    }

    private static function quote(Values $in): Quote
    {
        $ways = array_map(self::quotedWay(...), $in->items('ways'));
        $answer = $in->group('answer');
        if ($ways === []) {
            throw new Refused('ways', 'Ways: a quote has at least one.');
        }

        return new Quote(
            $in->whole('number'), $in->whole('revision'), $in->text('on'), $in->text('until'), $in->textOrNull('by') ?? '', $ways,
            $in->number('deposit_pct'), $in->textOrNull('terms') ?? '', $in->textOrNull('note') ?? '',
            array_values(array_filter(explode("\n", $in->textOrNull('changes') ?? ''), fn (string $line): bool => $line !== '')),
            $answer === null ? null : self::answerOf($answer),
        );
    }

    private static function quotedWay(Values $in): QuotedWay
    {
        return new QuotedWay(
            $in->text('way'), $in->text('words'), $in->textOrNull('machine') ?? '', $in->textOrNull('powers') ?? '',
            $in->textOrNull('dead') ?? '', $in->textOrNull('night') ?? '', array_map(fn (Values $line): QuotedLine => new QuotedLine(
                LineKind::from($line->text('kind')), $line->text('key'), $line->text('words'), $line->number('quantity'),
                $line->textOrNull('unit') ?? '', Money::cents($line->whole('cents')),
                $line->numberOrNull('hours'),
            ), $in->items('lines')), Money::cents($in->whole('tax_cents')),
        );
    }

    /** @throws Refused on "signature" when it is none */
    public static function answerOf(Values $in): Answer
    {
        $strokes = $in->textOrNull('signature') ?? '';
        $way = $in->textOrNull('way') ?? '';

        return new Answer(
            AnswerKind::from($in->text('kind')), $in->text('name'), $in->text('on'), $way === '' ? null : $way,
            $strokes === '' ? null : new Signature($strokes),
        );
    }

    public function write(Job $job): array
    {
        return ['quotes' => array_map(self::writeQuote(...), $job->quotes->quotes)];
    }

    /** @return array<string, mixed> */
    private static function writeQuote(Quote $quote): array
    {
        return [
            'id' => $quote->id(), 'number' => $quote->number, 'revision' => $quote->revision, 'on' => $quote->on, 'until' => $quote->until,
            'by' => $quote->by, 'ways' => array_map(fn (QuotedWay $way): array => [
                'way' => $way->way, 'words' => $way->words, 'machine' => $way->machine, 'powers' => $way->powers, 'dead' => $way->dead,
                'night' => $way->night, 'lines' => array_map(fn (QuotedLine $line): array => [
                    'kind' => $line->kind->value, 'key' => $line->key, 'words' => $line->words, 'quantity' => $line->quantity,
                    'unit' => $line->unit, 'cents' => $line->price->cents, 'hours' => $line->hours,
                ], $way->lines), 'tax_cents' => $way->tax->cents,
            ], $quote->ways), 'deposit_pct' => $quote->depositPct, 'terms' => $quote->terms, 'note' => $quote->note,
            'changes' => implode("\n", $quote->changes), 'answer' => $quote->answer === null ? null : self::writeAnswer($quote->answer),
        ];
    }

    /** @return array<string, mixed> */
    private static function writeAnswer(Answer $answer): array
    {
        return [
            'kind' => $answer->kind->value, 'name' => $answer->name, 'on' => $answer->on, 'way' => $answer->way ?? '',
            'signature' => $answer->signature->strokes ?? '',
        ];
    }
}
