<?php

declare(strict_types=1);

namespace Underpin\Drawing\Plot;

use Underpin\Drawing\Anchor;
use Underpin\Drawing\Box;
use Underpin\Drawing\Drawing;
use Underpin\Drawing\Element\Element;
use Underpin\Drawing\Element\Line;
use Underpin\Drawing\Element\Rect;
use Underpin\Drawing\Element\Text;
use Underpin\Drawing\Layer;
use Underpin\Drawing\Sheet;

/** How often something happened in each hour of the day, as bars. */
final readonly class HoursBars
{
    private const WIDTH = 480;

    private const HEIGHT = 150;

    private const LEFT = 40;

    private const FOOT = 24;

    private const TOP = 22;

    /** @param  list<int>  $byHour  of 24 hours */
    public function __construct(private string $title, private array $byHour)
    {
    }

    public function drawing(): Drawing
    {
        $twin = [['Hour', 'Times']];
        foreach ($this->byHour as $hour => $times) {
            $twin[] = [sprintf('%d:00 to %d:00', $hour, $hour + 1), (string) $times];
        }

        return new Drawing($this->title, Sheet::diagram(self::WIDTH, self::HEIGHT), [
            new Layer('bars', $this->bars()), new Layer('scale', $this->scale()),
        ], $twin);
    }

    /** @return list<Element> */
    private function bars(): array
    {
        $most = max(1, ...$this->byHour);
        $wide = $this->wide();
        $tall = self::HEIGHT - self::FOOT - self::TOP;
        $bars = [];
        foreach ($this->byHour as $hour => $times) {
            $height = $tall * $times / $most;
            $bars[] = new Rect(
                new Box(self::LEFT + $hour * $wide + 2, self::HEIGHT - self::FOOT - $height, $wide - 4, $height), PlotInk::Bar,
            );
        }

        return $bars;
    }

    /** @return list<Element> */
    private function scale(): array
    {
        $base = self::HEIGHT - self::FOOT;
        $elements = [
            new Line(self::LEFT, $base, self::WIDTH, $base, PlotInk::Grid),
            new Text(self::LEFT - 6, self::TOP + 5, (string) max($this->byHour ?: [0]), PlotInk::Words, Anchor::End),
            new Text(self::LEFT - 6, $base + 5, '0', PlotInk::Words, Anchor::End),
        ];
        foreach ([0, 6, 12, 18] as $hour) {
            $elements[] = new Text(self::LEFT + $hour * $this->wide(), self::HEIGHT - 6, "$hour:00", PlotInk::Words);
        }

        return $elements;
    }

    private function wide(): float
    {
        return (self::WIDTH - self::LEFT) / 24;
    }
}
