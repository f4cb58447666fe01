<?php

declare(strict_types=1);

namespace Underpin\Pricing\Estimate;

use Underpin\Assembly\Task;
use Underpin\Connection\Way;
use Underpin\Design\Design;
use Underpin\Job\Extra;
use Underpin\Job\Offer;
use Underpin\Job\Quote\LineKind;
use Underpin\Money;
use Underpin\Pricing\Book\PartPrice;
use Underpin\Pricing\Book\PriceBook;
use Underpin\Pricing\Book\TaxOn;
use Underpin\Pricing\Parts\PartLine;
use Underpin\Pricing\Parts\PartsList;

/**
 * What one way of connecting costs on a job, by the shop's book: every part and every task of its design a line. What has no price, and
 * what is not measured, is named and never counted as nothing.
 */
final readonly class Estimate
{
    /**
     * @param  list<Priced>  $lines
     * @param  list<string>  $open  what keeps it from being a price
     */
    private function __construct(public Way $way, public array $lines, public array $open, private PriceBook $book)
    {
    }

    public static function of(Design $design, Way $way, PriceBook $book): self
    {
        $parts = PartsList::by($design, $way);
        $offer = $design->job->offer;
        $machine = $design->supply()?->machine;
        $open = $parts->missing;
        $lines = [];
        foreach ($parts->lines as $line) {
            $isMachine = $machine !== null && $line->part === $machine->name;
            $lines[] = match (true) {
                ! $isMachine => self::part($line, $book),
                $offer->ownMachine === true => null,
                default => self::machine($line, $machine->priceUsd, $book),
            };
            $other = $isMachine ? null : $book->otherUnit($line->part, $line->unit);
            array_push($open, ...$other === null ? [] : ["$line->part by \"$line->unit\": the price book has it by \"$other\""]);
            array_push($open, ...$isMachine && $offer->ownMachine === null ? ['who supplies the machine'] : []);
        }
        foreach (WorkList::by($design, $way) as $work) {
            array_push($lines, self::work($work, $book), self::fee($work, $book, $offer));
        }
        array_push($lines, ...array_map(self::extra(...), $offer->extras));
        $lines = array_values(array_filter($lines));
        $unpriced = array_filter($lines, fn (Priced $line): bool => $line->price === null && $line->kind !== LineKind::Work);
        array_push($open, ...array_values(array_map(fn (Priced $line): string => "price of $line->words", $unpriced)));

        return new self($way, $lines, [...array_values(array_unique($open)), ...self::notSaid($book)], $book);
    }

    /** Hours of work. */
    public function hours(): float
    {
        return array_sum(array_map(
            fn (Priced $line): float => $line->kind === LineKind::Work ? $line->sold : 0.0, $this->lines,
        ));
    }

    /** Of lines of these kinds, to the customer before tax; none named: of all. */
    public function sum(LineKind ...$kinds): Money
    {
        return Money::none()->plus(...array_values(array_map(
            fn (Priced $line): Money => $line->price ?? Money::none(),
            array_filter($this->lines, fn (Priced $line): bool => $kinds === [] || in_array($line->kind, $kinds, true)),
        )));
    }

    /** What the shop adds to what parts cost it, within the sum. */
    public function margin(): Money
    {
        $cost = Money::none()->plus(...array_map(
            fn (Priced $line): Money => $line->kind->isBought() && $line->cost !== null ? $line->cost : Money::none(), $this->lines,
        ));

        return $this->sum(LineKind::Part, LineKind::Machine)->less($cost);
    }

    public function tax(): Money
    {
        $taxed = $this->book->terms->taxOn === TaxOn::All ? $this->sum() : $this->sum(LineKind::Part, LineKind::Machine);

        return $taxed->pct($this->book->terms->taxPct ?? 0.0);
    }

    public function total(): Money
    {
        return $this->sum()->plus($this->tax());
    }

    /** @return list<Priced> lines that have no price yet */
    public function unpriced(): array
    {
        return array_values(array_filter($this->lines, fn (Priced $line): bool => $line->price === null));
    }

    /**
     * @param  string  $today  YYYY-MM-DD
     * @return list<string> parts whose price is of a day long ago, or of no day
     */
    public function oldPrices(string $today): array
    {
        return array_values(array_map(
            fn (Priced $line): string => $line->words,
            array_filter($this->lines, fn (Priced $line): bool => $line->from?->price !== null && $line->from->isOld($today)),
        ));
    }

    /** It can be offered: nothing is left open. */
    public function isWhole(): bool
    {
        return $this->open === [] && $this->lines !== [];
    }

    private static function part(PartLine $line, PriceBook $book): Priced
    {
        $price = $book->part($line->part, $line->unit);
        $packs = $price === null ? $line->quantity : $price->packs($line->quantity);
        $cost = $price?->price?->times($packs);

        return new Priced(
            LineKind::Part, PartPrice::key($line->part), $line->part, $line->quantity, $line->unit, $packs,
            $price === null ? $line->unit : $price->soldAs(), $cost, $cost?->plus($cost->pct($book->terms->marginPct ?? 0.0)),
            $line->because,
            $price,
        );
    }

    private static function machine(PartLine $line, ?int $usd, PriceBook $book): Priced
    {
        $cost = $usd === null ? null : Money::usd((float) $usd);

        return new Priced(
            LineKind::Machine, 'machine', $line->part, 1.0, 'each', 1.0, 'each', $cost,
            $cost?->plus($cost->pct($book->terms->marginPct ?? 0.0)), $line->because,
        );
    }

    /** @return ?Priced null: it takes no time */
    private static function work(WorkLine $work, PriceBook $book): ?Priced
    {
        $hours = $work->quantity * $book->hours($work->task);
        $price = $book->terms->hour?->times($hours);

        return $hours <= 0.0 && $work->task->usualHours() <= 0.0 ? null : new Priced(
            LineKind::Work, $work->task->value, ucfirst($work->task->words()), $work->quantity, $work->task->unit(), $hours, 'h', $price,
            $price, $work->because,
        );
    }

    /** @return ?Priced null: there is none */
    private static function fee(WorkLine $work, PriceBook $book, Offer $offer): ?Priced
    {
        $own = match ($work->task) {
            Task::Permit => $offer->permitUsd,
            Task::Travel => $offer->travelUsd,
            default => null,
        };
        $each = $own === null ? $book->task($work->task)->price : Money::usd($own);
        $mustBeSaid = $work->task === Task::Permit || $work->task === Task::Travel;

        return $each === null && ! $mustBeSaid ? null : new Priced(
            LineKind::Fee, "fee-{$work->task->value}", ucfirst($work->task->words()).($mustBeSaid ? '' : ', fee'), $work->quantity,
            $work->task->unit(), $work->quantity, $work->task->unit(), $each?->times($work->quantity), $each?->times($work->quantity),
            $work->because,
        );
    }

    private static function extra(Extra $extra): Priced
    {
        $price = Money::usd($extra->usd);

        return new Priced(LineKind::Extra, "extra-$extra->id", $extra->what, 1.0, 'each', 1.0, 'each', $price, $price);
    }

    /** @return list<string> */
    private static function notSaid(PriceBook $book): array
    {
        return [
            ...$book->terms->hour === null ? ['the price of an hour of work'] : [],
            ...$book->terms->marginPct === null ? ['what is added to parts'] : [],
            ...$book->terms->taxPct === null ? ['the sales tax'] : [],
        ];
    }
}
