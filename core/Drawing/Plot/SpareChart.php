<?php

declare(strict_types=1);

namespace Underpin\Drawing\Plot;

use Underpin\Drawing\Anchor;
use Underpin\Drawing\Box;
use Underpin\Drawing\Drawing;
use Underpin\Drawing\Element\Circle;
use Underpin\Drawing\Element\Element;
use Underpin\Drawing\Element\Line;
use Underpin\Drawing\Element\Link;
use Underpin\Drawing\Element\Rect;
use Underpin\Drawing\Element\Text;
use Underpin\Drawing\Layer;
use Underpin\Drawing\Sheet;
use Underpin\Drawing\Spot;
use Underpin\Say;
use Underpin\Sizing\Fit;
use Underpin\Sizing\Verdict;

/**
 * Machines by price and by what is left of them on the worse leg, in per cent of their running limit: so one margin is one line for
 * all. A stem ends where the worst start takes them, in per cent of what they give for a moment.
 */
final readonly class SpareChart
{
    private const HEIGHT = 260;

    private const LEFT = 46;

    private const RIGHT = 8;

    private const TOP = 8;

    private const FOOT = 26;

    private const RADIUS = 8;

    /** What is farther over than this stands at the lower edge. */
    private const LOWEST_PCT = -60.0;

    /** units of a letter of a name, about */
    private const LETTER = 7.2;

    private float $least;

    private float $cheapest;

    private float $dearest;

    /**
     * @param  list<Fit>  $fits  best first
     * @param  string  $picked  id of the one that is picked; empty: none
     */
    public function __construct(private array $fits, private float $marginPct, private string $picked, private int $width)
    {
        $spares = [];
        $prices = [];
        foreach ($fits as $fit) {
            array_push($spares, $this->spare($fit), $this->start($fit));
            $prices[] = (float) ($fit->supply->machine->priceUsd ?? 0);
        }
        $prices = array_values(array_filter($prices));
        $this->least = max(self::LOWEST_PCT, min([-20.0, ...$spares]));
        $this->cheapest = min([1_000_000.0, ...$prices]) * 0.92;
        $this->dearest = max([$this->cheapest * 2, ...$prices]) * 1.08;
    }

    public function drawing(): Drawing
    {
        $dots = array_reverse($this->priced());

        return new Drawing('Machines by price and by what is left on the worse leg', Sheet::diagram($this->width, self::HEIGHT), [
            new Layer('zones', $this->zones()),
            new Layer('scale', $this->scale()),
            new Layer('machines', array_map($this->mark(...), $dots)),
            new Layer('names', $this->names()),
        ], $this->twin());
    }

    /** @return list<Fit> that have a price */
    private function priced(): array
    {
        return array_values(array_filter($this->fits, fn (Fit $f): bool => $f->supply->machine->priceUsd !== null));
    }

    /** @return list<Element> */
    private function zones(): array
    {
        $right = $this->width - self::RIGHT;
        $band = fn (float $from, float $to, SpareInk $ink): Rect => new Rect(
            new Box(self::LEFT, $this->y($to), $right - self::LEFT, $this->y($from) - $this->y($to)), $ink,
        );
        $margin = Say::pct($this->marginPct);

        return [
            $band($this->marginPct, 100, SpareInk::Holds), $band(0, $this->marginPct, SpareInk::Tight),
            $band($this->least, 0, SpareInk::Short),
            new Line(self::LEFT, $this->y($this->marginPct), $right, $this->y($this->marginPct), SpareInk::Margin),
            new Line(self::LEFT, $this->y(0), $right, $this->y(0), SpareInk::Zero),
            new Text(self::LEFT + 6, $this->y(100) + 16, "holds with your $margin free", SpareInk::HoldsWord),
            ...$this->marginPct < 9 ? [] : [
                new Text(self::LEFT + 6, $this->y($this->marginPct) + 15, "holds, less than $margin free", SpareInk::TightWord),
            ],
            new Text($right - 6, $this->y($this->least) - 6, 'too small', SpareInk::ShortWord, Anchor::End),
        ];
    }

    /** @return list<Element> */
    private function scale(): array
    {
        $at = fn (float $pct): Text => new Text(self::LEFT - 6, $this->y($pct) + 5, Say::figure($pct).' %', SpareInk::Scale, Anchor::End);
        $elements = [$at(100), $at(50), $at(0)];
        foreach ([500, 1_000, 2_000, 5_000, 10_000, 20_000, 50_000, 100_000] as $usd) {
            if ($usd >= $this->cheapest && $usd <= $this->dearest) {
                $elements[] = new Text($this->x($usd), self::HEIGHT - 6, '$'.number_format($usd), SpareInk::Scale, Anchor::Middle);
                $elements[] = new Line($this->x($usd), self::HEIGHT - self::FOOT, $this->x($usd), self::HEIGHT - self::FOOT + 5,
                    SpareInk::Zero);
            }
        }

        return $elements;
    }

    private function mark(Fit $fit): Link
    {
        $id = $fit->supply->id();
        [$x, $y] = $this->place($fit);
        [$dot, $stem] = match (true) {
            $id === $this->picked => [SpareInk::Picked, SpareInk::PickedStem],
            $fit->supply->fuelIsMissing() => [SpareInk::Away, SpareInk::AwayStem],
            default => [SpareInk::Dot, SpareInk::Stem],
        };
        $end = $this->y($this->start($fit));
        $said = "{$fit->supply->words()}: {$fit->words()->standing()}, {$this->spares($fit)}";
        $face = $fit->supply->machine->form->isStandby()
            ? new Rect(new Box($x - self::RADIUS + 1, $y - self::RADIUS + 1, 2 * self::RADIUS - 2, 2 * self::RADIUS - 2), $dot)
            : new Circle($x, $y, self::RADIUS, $dot);

        return new Link(
            Spot::candidate($id), 'candidate', "dot-$id", $said, $said, false, ['candidate' => $id],
            [new Line($x, $y, $x, $end, $stem), new Line($x - 5, $end, $x + 5, $end, $stem), $face],
        );
    }

    private function spares(Fit $fit): string
    {
        return $fit->cannotFeed !== [] ? 'not weighed' : sprintf(
            '%s free running, %s at the worst start', Say::pct($fit->sparePct()), Say::pct($fit->startSparePct()),
        );
    }

    /** @return list<Element> of the picked one and of those that stand best, as far as there is room beside their dots */
    private function names(): array
    {
        $taken = array_map(function (Fit $each): Box {
            [$x, $y] = $this->place($each);

            return new Box($x - self::RADIUS, $y - self::RADIUS, 2 * self::RADIUS, 2 * self::RADIUS);
        }, $this->priced());
        foreach ($this->priced() as $each) {
            [$x, $y] = $this->place($each);
            $end = $this->y($this->start($each));
            $taken[] = new Box($x - 2, min($y, $end), 4, abs($end - $y));
        }
        // The words of the zones.
        $taken[] = new Box(self::LEFT, $this->y(100), 200, 20);
        $taken[] = new Box($this->width - 230, $this->y($this->marginPct), 230, 20);
        $names = $said = [];
        $first = fn (Fit $each): bool => $each->supply->id() === $this->picked;
        $order = [...array_filter($this->priced(), $first), ...array_filter($this->priced(), fn (Fit $each): bool => ! $first($each))];
        foreach ($order as $fit) {
            $name = $fit->supply->machine->name;
            $isSaid = $fit->verdict === Verdict::Short && ! $first($fit) || $fit->supply->fuelIsMissing() || in_array($name, $said, true);
            $label = $isSaid ? null : $this->label($fit, $taken);
            if ($label !== null) {
                [[$taken[], $names[]], $said[]] = [$label, $name];
            }
        }

        return $names;
    }

    /**
     * @param  list<Box>  $taken
     * @return ?array{Box, Text} null: it would lie over something
     */
    private function label(Fit $fit, array $taken): ?array
    {
        [$x, $y] = $this->place($fit);
        $isPicked = $fit->supply->id() === $this->picked;
        $words = $fit->supply->machine->name.($isPicked ? ', picked' : '');
        $w = mb_strlen($words) * self::LETTER;
        foreach ([$x + self::RADIUS + 4, $x - self::RADIUS - 4 - $w] as $left) {
            $box = new Box($left, $y - 8, $w, 16);
            $isInside = $left >= self::LEFT && $left + $w <= $this->width - self::RIGHT;
            if ($isInside && array_filter($taken, fn (Box $other): bool => $other->overlaps($box)) === []) {
                return [$box, new Text($left, $y + 5, $words, $isPicked ? SpareInk::PickedName : SpareInk::Name)];
            }
        }

        return $isPicked ? [$box, new Text($left, $y + 5, $words, SpareInk::PickedName)] : null;
    }

    /** @return array{float, float} */
    private function place(Fit $fit): array
    {
        return [$this->x((float) $fit->supply->machine->priceUsd), $this->y($this->spare($fit))];
    }

    /** One that cannot feed what must run has nothing to spare, whatever the rest would leave. */
    private function spare(Fit $fit): float
    {
        return $fit->cannotFeed === [] ? $fit->sparePct() : self::LOWEST_PCT;
    }

    private function start(Fit $fit): float
    {
        return $fit->cannotFeed === [] ? $fit->startSparePct() : self::LOWEST_PCT;
    }

    /** Twice the price is the same way to the right, wherever. */
    private function x(float $usd): float
    {
        $share = log($usd / $this->cheapest) / log($this->dearest / $this->cheapest);

        return self::LEFT + ($this->width - self::LEFT - self::RIGHT) * $share;
    }

    private function y(float $pct): float
    {
        $share = (100 - max($this->least, min(100.0, $pct))) / (100 - $this->least);

        return self::TOP + (self::HEIGHT - self::TOP - self::FOOT) * $share;
    }

    /** @return list<list<string>> */
    private function twin(): array
    {
        return [['Machine', 'Price', 'Free running', 'Free at the worst start', 'Standing'], ...array_map(fn (Fit $f): array => [
            $f->supply->words(), '$'.number_format((float) $f->supply->machine->priceUsd), Say::pct($f->sparePct()),
            Say::pct($f->startSparePct()), $f->words()->standing(),
        ], $this->priced())];
    }
}
