<?php

declare(strict_types=1);

namespace Tests\Core\QuoteTest;

use Tests\Support\Books;
use Tests\Support\Changed;
use Tests\Support\Houses;
use Underpin\Codebook\Conduit;
use Underpin\Design\Design;
use Underpin\Exchange\JobFile;
use Underpin\Job\Customer;
use Underpin\Job\Extra;
use Underpin\Job\Job;
use Underpin\Job\Laying;
use Underpin\Job\Offer;
use Underpin\Job\Quote\Answer;
use Underpin\Job\Quote\AnswerKind;
use Underpin\Job\Quote\LineKind;
use Underpin\Job\Quote\Quote;
use Underpin\Job\Quote\QuotedLine;
use Underpin\Job\Quote\QuotedWay;
use Underpin\Job\Quote\Quotes;
use Underpin\Job\Quote\QuoteState;
use Underpin\Job\Quote\Signature;
use Underpin\Job\WireRun;
use Underpin\Money;
use Underpin\Papers\Block;
use Underpin\Papers\QuoteSheet;
use Underpin\Pricing\Book\PriceBook;
use Underpin\Pricing\Book\Terms;
use Underpin\Pricing\Quoting\NewQuote;
use Underpin\Pricing\Quoting\QuoteChanges;
use Underpin\Pricing\Quoting\QuoteDrift;
use Underpin\Refused;

const STROKES = '10,10 12,14 18,20 24,26;30,30 33,33 36,36 39,39';

function house(string ...$besides): Job
{
    $run = new WireRun(40, 33.2, laying: new Laying(slackFt: 4, raceway: Conduit::Pvc40));

    return Changed::of(Houses::small(Houses::supply(), 'interlock'), wire: $run)->with(new Offer(array_values($besides), true));
}

function terms(): Terms
{
    return new Terms(Money::usd(10), 20, 6.25, depositPct: 30, validDays: 30, words: 'Half of it now.');
}

function book(?Job $job = null): PriceBook
{
    return Books::dollars($job ?? house(), terms());
}

function quoted(Job $job, ?PriceBook $book = null, int $number = 1042, string $on = '2026-11-26'): Quote
{
    return NewQuote::of(new Design($job), $book ?? book())->handOver($number, $on, 'Nell Varga');
}

/** The job with a run so many feet longer. */
function longer(Job $job, float $ft): Job
{
    return $job->with(new WireRun($job->wire->cordFt, $job->wire->runFt + $ft, laying: $job->wire->laying));
}

it('hands over the ways that are offered, each with all its lines, its tax and what it powers', function () {
    $job = house('hard_cord', 'interlock');
    $quote = quoted($job);
    expect($quote->title())->toBe('Quote 1042')->and($quote->id())->toBe('1042-1')->and($quote->until)->toBe('2026-12-26')
        ->and(array_map(fn (QuotedWay $w): string => $w->way, $quote->ways))->toBe(['interlock', 'hard_cord'])
        ->and($quote->terms)->toBe('Half of it now.')->and($quote->depositPct)->toBe(30.0)
        ->and($quote->ways[0]->powers)->toContain('Well pump')->and($quote->ways[0]->night)->toContain('steps');
    $estimate = NewQuote::of(new Design($job), book())->estimates[0];
    expect($quote->ways[0]->total()->cents)->toBe($estimate->total()->cents)
        ->and($quote->ways[0]->sum()->cents)->toBe(array_sum(array_map(fn (QuotedLine $l): int => $l->price->cents,
            $quote->ways[0]->lines)))
        ->and($quote->deposit($quote->ways[0])->cents)->toBe((int) round($estimate->total()->cents * 0.3));
});

it('hands nothing over while something is open, and says what', function (Job $job, PriceBook $book, string $waits) {
    expect(implode(' ', NewQuote::of(new Design($job), $book)->waitsFor()))->toContain($waits)
        ->and(fn () => quoted($job, $book))->toThrow(Refused::class, 'It is no quote yet.');
})->with(fn (): iterable => yield from [
    [Houses::small(), new PriceBook, 'A machine is to be picked first.'],
    [Houses::small(Houses::supply()), new PriceBook, 'A way of connecting is to be picked first.'],
    [house(), new PriceBook(terms: terms()), 'price of'],
    [house(), Books::dollars(house(), new Terms), 'the price of an hour of work'],
    [house()->with(new Offer), book(), 'who supplies the machine'],
    [Changed::of(house(), wire: new WireRun), book(), 'the cord\'s length'],
    [house('automatic'), book(), 'Automatic switch behind the service disconnect is not possible here.'],
]);

it('offers no more than three ways, and the one that is picked first', function () {
    $four = house('hard_cord', 'manual_switch', 'transfer_subpanel');
    expect(NewQuote::of(new Design($four), book($four))->estimates)->toHaveCount(3)
        ->and(NewQuote::of(new Design($four), book($four))->estimates[0]->way->key())->toBe('interlock');
});

it('says in a revision what is other, and what that does to the sum', function () {
    $first = quoted(house());
    $job = longer(house(), 10.0)->with(new Quotes([$first]));
    $second = quoted($job, on: '2026-12-01');
    expect([$second->number, $second->revision, $second->title()])->toBe([1042, 2, 'Quote 1042, revision 2'])
        ->and($second->changes)->toContain('10 AWG copper, black: 48 ft in the place of 38.')
        ->and($second->changes[count($second->changes) - 1])->toStartWith('The sum is ')->toContain(' more than before.');
    $more = $second->ways[0]->total()->cents - $first->ways[0]->total()->cents;
    expect($second->changes[count($second->changes) - 1])->toContain(Money::cents($more)->words().' more')
        ->and(QuoteChanges::between($first, $first))->toBe([]);
    $other = quoted($job->with(new Offer(['hard_cord'], true, extras: [new Extra('a', 'Wall closed', 50)])), on: '2026-12-01');
    expect(implode(' ', $other->changes))->toContain('is offered now, for $')->toContain('Wall closed is new, $50.00');
    expect(implode(' ', QuoteChanges::between($other, $first)))->toContain('is not offered any more')
        ->toContain('Wall closed is left out, $50.00');
});

it('makes no revision that says nothing new, unless the old one would lapse', function () {
    $job = house()->with(new Quotes([quoted(house())]));
    expect(fn () => quoted($job))->toThrow(Refused::class, 'a revision would say nothing new')
        ->and(quoted($job, on: '2026-12-20')->until)->toBe('2027-01-19')->and(quoted($job, number: 1043)->revision)->toBe(1);
});

it('keeps what was handed over as it was, whatever is said to it', function () {
    $quote = quoted(house());
    $kept = new Quotes([$quote]);
    $answer = new Answer(AnswerKind::Accepted, 'Wren', '2026-11-28', 'interlock', new Signature(STROKES));
    $kept->guard($kept->answered('1042-1', $answer));
    $kept->guard($kept->with(quoted(house(), number: 1043)));
    $cheaper = new Quote($quote->number, 1, $quote->on, $quote->until, $quote->by, [new QuotedWay('interlock', 'x', '', '', '', '',
        [], Money::none())]);
    expect(fn () => $kept->guard(new Quotes))->toThrow(Refused::class, 'Quote 1042 was handed over on 2026-11-26')
        ->and(fn () => $kept->guard(new Quotes([$cheaper])))->toThrow(Refused::class, 'is not changed any more');
});

it('takes no answer that cannot have been given', function (Answer $answer, string $says) {
    $first = quoted(house('hard_cord'));
    $quotes = (new Quotes([$first]))->with(quoted(longer(house('hard_cord'), 5)->with(new Quotes([$first]))));
    expect(fn () => $quotes->answered('1042-2', $answer))->toThrow(Refused::class, $says);
})->with([
    [new Answer(AnswerKind::Declined, 'Wren', '2026-11-25'), 'nothing was said before'],
    [new Answer(AnswerKind::Accepted, 'Wren', '2026-12-27', 'interlock'), 'held until 2026-12-26'],
    [new Answer(AnswerKind::Accepted, 'Wren', '2026-11-28', 'automatic'), 'Which of them'],
    [new Answer(AnswerKind::Accepted, 'Wren', '2026-11-28'), 'Which of them'],
]);

it('accepts no quote that a revision has replaced, and lets it be withdrawn', function () {
    $first = quoted(house());
    $quotes = (new Quotes([$first]))->with(quoted(longer(house(), 5)->with(new Quotes([$first]))));
    expect(fn () => $quotes->answered('1042-1', new Answer(AnswerKind::Accepted, 'Wren', '2026-11-28')))->toThrow(Refused::class,
        'replaced by a revision')
        ->and($quotes->answered('1042-1', new Answer(AnswerKind::Withdrawn, 'Nell', '2026-11-28'))->quotes[0]->answer->kind)
        ->toBe(AnswerKind::Withdrawn)
        ->and(fn () => $quotes->answered('9-9', new Answer(AnswerKind::Declined, 'Wren', '2026-11-28')))->toThrow(Refused::class,
            'no quote 9-9');
});

it('knows how a quote stands on a day', function () {
    $quote = quoted(house());
    $with = fn (AnswerKind $kind): Quotes => (new Quotes([$quote]))->answered('1042-1', new Answer($kind, 'Wren', '2026-11-28'));
    $state = fn (Quotes $quotes, string $today): QuoteState => $quotes->state($quotes->quotes[0], $today);
    $revised = (new Quotes([$quote]))->with(quoted(longer(house(), 5)->with(new Quotes([$quote]))));
    expect($state(new Quotes([$quote]), '2026-12-26'))->toBe(QuoteState::Open)
        ->and($state(new Quotes([$quote]), '2026-12-27'))->toBe(QuoteState::Lapsed)
        ->and($state($with(AnswerKind::Accepted), '2027-12-27'))->toBe(QuoteState::Accepted)
        ->and($state($with(AnswerKind::Declined), '2026-12-01'))->toBe(QuoteState::Declined)
        ->and($state($with(AnswerKind::Withdrawn), '2026-12-01'))->toBe(QuoteState::Withdrawn)
        ->and($state($revised, '2026-12-01'))->toBe(QuoteState::Replaced)
        ->and($with(AnswerKind::Declined)->standing())->toBeNull()->and($with(AnswerKind::Accepted)->standing()?->id())->toBe('1042-1')
        ->and($revised->standing()?->id())->toBe('1042-2');
});

it('says on every page what the design has become since, and nothing while it is the same', function () {
    $quote = quoted(house());
    $drift = fn (Job $job): string => implode('; ', QuoteDrift::of(new Design($job), $quote));
    expect($drift(house()))->toBe('')
        ->and($drift(longer(house(), 10)))->toContain('10 AWG copper, black: 48 ft, quoted 38')
        ->and($drift(house()->with(new Offer(ownMachine: false, permitUsd: 500))))->toBe('')
        ->and($drift(Changed::of(house(), connection: 'manual_switch')))->toStartWith('interlock on the panel main in the quote, ')
        ->and($drift(Changed::of(house(), wire: new WireRun(40, 33.2, laying: new Laying(slackFt: 4, raceway: Conduit::Emt)))))
        ->toContain('not quoted')->toContain('PVC schedule 40, trade size 1/2: 0 10 ft length, quoted 4');
});

it('takes a signature that somebody drew, and no other', function (string $strokes) {
    expect(fn () => new Signature($strokes))->toThrow(Refused::class, 'Signature: draw it in the field');
})->with(['', '10,10', '10,10 12,14', 'x', '10,10 12,14 18,20 24,26 30,30 33,33 36,36 39,39;', '<svg>',
    '1000,1 1,1 2,2 3,3 4,4 5,5 6,6 7,7 8,8',
    str_repeat('10,10 ', 4_000)]);

it('draws a signature as it was drawn', function () {
    expect((new Signature(STROKES))->points())->toBe([
        [[10.0, 10.0], [12.0, 14.0], [18.0, 20.0], [24.0, 26.0]], [[30.0, 30.0], [33.0, 33.0], [36.0, 36.0], [39.0, 39.0]],
    ]);
});

it('comes back from a job file as it was, answer and signature with it', function () {
    $quote = quoted(house('hard_cord'))->answered(
        new Answer(AnswerKind::Accepted, 'Wren Aldous', '2026-11-28', 'hard_cord', new Signature(STROKES)),
    );
    $job = house()->with(new Quotes([quoted(house(), number: 1041), $quote]));
    $file = JobFile::standard();
    expect($file->decode($file->encode($job))->quotes)->toEqual($job->quotes)->and($file->decode($file->encode($job))->offer)
        ->toEqual($job->offer)
        ->and($quote->way()->way)->toBe('hard_cord');
});

/** @return string all words of a paper */
function words(Quote $quote): string
{
    return implode(' ', array_map(fn (Block $b): string => implode(' ', [
        $b->heading, $b->words, ...array_merge([], ...$b->rows), ...$b->lines,
    ]), QuoteSheet::blocks($quote, new Customer('Wren Aldous', '3 Mill Race'))));
}

it('writes for the customer what each way gives and costs, and nothing of what the shop adds', function () {
    $quote = quoted(house('hard_cord'));
    $words = words($quote);
    expect($words)->toContain('For Wren Aldous, 3 Mill Race. It holds until 2026-12-26.')->toContain('The ways, side by side')
        ->toContain($quote->ways[0]->total()->words())->toContain($quote->ways[1]->total()->words())
        ->toContain($quote->ways[0]->byKind()[LineKind::Work->value]->words())->toContain('Deposit, 30 %')->toContain('Half of it now.')
        ->toContain('Which of the ways')->not->toContain('dded to parts')
        ->not->toContain(NewQuote::of(new Design(house('hard_cord')), book())->estimates[0]->margin()->words());
    $accepted = $quote->answered(new Answer(AnswerKind::Accepted, 'Wren', '2026-11-28', 'hard_cord', new Signature(STROKES)));
    expect(words($accepted))->toContain('Accepted: interlock, with a cord attached for good in place of an inlet. Wren, 2026-11-28.')
        ->and(array_filter(QuoteSheet::blocks($accepted, new Customer), fn (Block $b): bool => $b->mark !== null))->toHaveCount(1);
});

it('names the customer as far as name and address are known', function (Customer $customer, string $for) {
    expect(QuoteSheet::blocks(quoted(house('hard_cord')), $customer)[0]->words)->toStartWith("For $for. It holds");
})->with([
    'both' => [new Customer('Wren Aldous', '3 Mill Race'), 'Wren Aldous, 3 Mill Race'],
    'no address' => [new Customer('Wren Aldous'), 'Wren Aldous'],
    'no name' => [new Customer(address: '3 Mill Race'), 'the customer, 3 Mill Race'],
    'nothing' => [new Customer, 'the customer'],
]);

it('says in its paper what a revision changes', function () {
    $job = longer(house(), 10.0)->with(new Quotes([quoted(house())]));
    expect(words(quoted($job, on: '2026-12-01')))->toContain('What is other than in the quote before')
        ->toContain('10 AWG copper, black: 48 ft in the place of 38.');
});
