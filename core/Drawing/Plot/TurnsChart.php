<?php

declare(strict_types=1);

namespace Underpin\Drawing\Plot;

use Underpin\Codebook\DayAtHome;
use Underpin\Drawing\Anchor;
use Underpin\Drawing\Box;
use Underpin\Drawing\Drawing;
use Underpin\Drawing\Element\Element;
use Underpin\Drawing\Element\Line;
use Underpin\Drawing\Element\Rect;
use Underpin\Drawing\Element\Text;
use Underpin\Drawing\Layer;
use Underpin\Drawing\Sheet;
use Underpin\Job\Circuit;
use Underpin\Say;
use Underpin\Sizing\Fit;
use Underpin\Sizing\Turns\DayOfTurns;

/** A day of turns as strips: what both legs carry against the limit, and under them who is on when. It begins when people wake. */
final readonly class TurnsChart
{
    private const LEFT = 200;

    private const LEG_H = 44;

    private const ROW_H = 24;

    private const GAP = 8;

    private const FOOT = 24;

    private const PARTS = 48;

    public function __construct(private DayOfTurns $day, private int $width)
    {
    }

    public function drawing(): Drawing
    {
        $rows = count($this->day->turning);
        $height = 2 * (self::LEG_H + self::GAP) + $rows * self::ROW_H + self::FOOT;

        return new Drawing('A day of turns', Sheet::diagram($this->width, $height), [
            new Layer('hours', $this->hours($height)), new Layer('legs', $this->legs()), new Layer('turns', $this->turns()),
        ], $this->twin());
    }

    /** @return list<Element> */
    private function hours(int $height): array
    {
        $elements = [];
        for ($hour = 6; $hour <= 30; $hour += 3) {
            $x = $this->x($hour + 0.5);
            $elements[] = new Line($x, 0, $x, $height - self::FOOT, TurnsInk::Hour);
            $elements[] = new Text($x, $height - 6, ($hour % 24).':30', TurnsInk::Scale, $hour === 30 ? Anchor::End : Anchor::Middle);
        }

        return $elements;
    }

    /** @return list<Element> */
    private function legs(): array
    {
        $most = max($this->day->supply->runLimitAmps(), 1.0);
        $elements = [];
        foreach ([['Leg A', TurnsInk::LegA], ['Leg B', TurnsInk::LegB]] as $leg => [$name, $ink]) {
            $base = ($leg + 1) * (self::LEG_H + self::GAP) - self::GAP;
            $elements[] = new Text(0, $base - self::LEG_H / 2 + 5, "$name, of ".Say::amps($most), TurnsInk::Name);
            for ($part = 0; $part < self::PARTS; $part++) {
                $clock = fmod(DayAtHome::WAKES_H + ($part + 0.5) * 24 / self::PARTS, 24);
                $running = Fit::runningOn($this->day->supply, [...$this->day->always, ...$this->on($clock)]);
                $tall = self::LEG_H * min(1.0, ($leg === 0 ? $running->aAmps : $running->bAmps) / $most);
                $wide = ($this->width - self::LEFT) / self::PARTS;
                $elements[] = new Rect(new Box(self::LEFT + $part * $wide, $base - $tall, $wide + 0.4, $tall), $ink);
            }
            $elements[] = new Line(self::LEFT, $base - self::LEG_H, $this->width, $base - self::LEG_H, TurnsInk::Limit);
        }

        return $elements;
    }

    /** @return list<Element> */
    private function turns(): array
    {
        $elements = [];
        foreach ($this->day->turning as $row => $circuit) {
            $top = 2 * (self::LEG_H + self::GAP) + $row * self::ROW_H;
            $elements[] = new Text(0, $top + 16, mb_strimwidth($circuit->title(), 0, 26, '…'), TurnsInk::Name);
            $elements[] = new Rect(new Box(self::LEFT, $top + 9, $this->width - self::LEFT, 4), TurnsInk::Off);
            foreach ($this->day->hoursOf($circuit->id) as [$from, $to]) {
                $elements[] = new Rect(new Box($this->x($from), $top + 3, $this->x($to) - $this->x($from), 16), TurnsInk::On, 2);
            }
        }

        return $elements;
    }

    /** @return list<Circuit> */
    private function on(float $clockH): array
    {
        return array_values(array_filter($this->day->turning, fn (Circuit $c): bool => $this->day->isOn($c->id, $clockH)));
    }

    private function x(float $hour): float
    {
        return self::LEFT + ($this->width - self::LEFT) * ($hour - DayAtHome::WAKES_H) / 24;
    }

    /** @return list<list<string>> */
    private function twin(): array
    {
        return [['Circuit', 'On', 'Hours a day'], ...array_map(fn (Circuit $circuit): array => [
            $circuit->title(),
            implode(', ', array_map(
                fn (array $range): string => DayOfTurns::clock($range[0]).' to '.DayOfTurns::clock($range[1]),
                $this->day->hoursOf($circuit->id),
            )),
            Say::figure($this->day->sumOf($circuit->id)),
        ], $this->day->turning)];
    }
}
