<?php

declare(strict_types=1);

namespace Underpin\Pricing\Quoting;

use Underpin\Connection\NightWork;
use Underpin\Connection\Possible;
use Underpin\Connection\Way;
use Underpin\Connection\WayVerdict;
use Underpin\Design\Design;
use Underpin\Job\Circuit;
use Underpin\Job\Offer;
use Underpin\Job\Quote\LineKind;
use Underpin\Job\Quote\Quote;
use Underpin\Job\Quote\QuotedLine;
use Underpin\Job\Quote\QuotedWay;
use Underpin\Measure\Interval\CivilDay;
use Underpin\Money;
use Underpin\Pricing\Book\PriceBook;
use Underpin\Pricing\Estimate\Estimate;
use Underpin\Pricing\Estimate\Priced;
use Underpin\Refused;
use Underpin\Say;

/** What can be handed over now: the ways that are offered, each priced as a whole. */
final readonly class NewQuote
{
    /** Circuits that a customer reads by name. */
    private const NAMED = 40;

    /** @param  list<Estimate>  $estimates  the way that is picked first */
    private function __construct(private Design $design, private PriceBook $book, public array $estimates)
    {
    }

    public static function of(Design $design, PriceBook $book): self
    {
        $picked = $design->way();
        $besides = array_map(fn (string $key): ?Way => $design->ways->find($key), $design->job->offer->besides);
        $ways = array_filter([$picked, ...$picked === null ? [] : $besides]);
        $unique = [];
        foreach ($ways as $way) {
            $unique[$way->key()] ??= Estimate::of($design, $way, $book);
        }

        return new self($design, $book, array_slice(array_values($unique), 0, Offer::MOST_WAYS));
    }

    /** @return list<string> why nothing can be handed over yet; empty: it can */
    public function waitsFor(): array
    {
        if ($this->estimates === []) {
            return [$this->design->supply() === null ? 'A machine is to be picked first.' : 'A way of connecting is to be picked first.'];
        }
        $waits = [];
        foreach ($this->estimates as $estimate) {
            $name = ucfirst($estimate->way->words());
            $possible = $estimate->way->verdict($this->design->situation())->possible;
            array_push(
                $waits, ...$possible === Possible::No ? ["$name is not possible here."] : [],
                ...$estimate->isWhole() || $possible === Possible::No ? [] : ["$name: ".Say::list($estimate->open, 8).'.'],
            );
        }

        return $waits;
    }

    /** @return list<Way> that may stand beside the one that is picked: possible here and of use, and what stands there already */
    public static function besides(Design $design): array
    {
        $offered = $design->job->offer->besides;
        $may = array_filter($design->connections(), fn (WayVerdict $verdict): bool => $verdict->way->key() !== $design->way()?->key()
            && (in_array($verdict->way->key(), $offered, true) || ($verdict->possible === Possible::Yes && $verdict->powers !== [])));

        return array_values(array_map(fn (WayVerdict $verdict): Way => $verdict->way, $may));
    }

    /** @return list<QuotedWay> each way as it would be handed over now, whole or not */
    public function ways(): array
    {
        return array_map($this->way(...), $this->estimates);
    }

    /**
     * The quote as it is handed over.
     *
     * @param  string  $on  YYYY-MM-DD
     *
     * @throws Refused on "quote" while something is open, and when the revision would be the same as the one before
     */
    public function handOver(int $number, string $on, string $by): Quote
    {
        $waits = $this->waitsFor();
        $today = CivilDay::read($on);
        $ways = $this->ways();
        if ($waits !== [] || $today === null || $ways === []) {
            throw new Refused('quote', 'It is no quote yet. '.implode(' ', $waits));
        }
        $before = $this->design->job->quotes->last();
        $isRevision = $before !== null && $before->number === $number;
        $quote = new Quote(
            $number, $isRevision ? $before->revision + 1 : 1, $on, CivilDay::iso($today + $this->book->terms->validDays), $by, $ways,
            $this->book->terms->depositPct ?? 0.0, $this->book->terms->words, $this->design->job->offer->note,
        );

        return $isRevision ? $this->revised($before, $quote) : $quote;
    }

    private function revised(Quote $before, Quote $quote): Quote
    {
        $changes = QuoteChanges::between($before, $quote);
        if ($changes === [] && $before->until >= $quote->until) {
            throw new Refused('quote', "Nothing is other than in {$before->title()}: a revision would say nothing new.");
        }

        return new Quote(
            $quote->number, $quote->revision, $quote->on, $quote->until, $quote->by, $quote->ways, $quote->depositPct, $quote->terms,
            $quote->note, $changes,
        );
    }

    private function way(Estimate $estimate): QuotedWay
    {
        $situation = $this->design->situation();
        $verdict = $estimate->way->verdict($situation);

        return new QuotedWay(
            $estimate->way->key(), $estimate->way->words(), $situation->supply->machine->name ?? '', self::names($verdict->powers),
            self::names($verdict->dead), NightWork::of($estimate->way, $situation, null)->words(),
            array_map(fn (Priced $line): QuotedLine => new QuotedLine(
                $line->kind, $line->key, $line->words, $line->quantity, $line->unit, $line->price ?? Money::none(),
                $line->kind === LineKind::Work ? $line->sold : null,
            ), $estimate->lines), $estimate->tax(),
        );
    }

    /** @param  list<Circuit>  $circuits */
    private static function names(array $circuits): string
    {
        return Say::list(array_map(fn (Circuit $c): string => $c->name, $circuits), self::NAMED);
    }
}
