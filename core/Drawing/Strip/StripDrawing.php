<?php

declare(strict_types=1);

namespace Underpin\Drawing\Strip;

use Underpin\Drawing\Anchor;
use Underpin\Drawing\Box;
use Underpin\Drawing\Drawing;
use Underpin\Drawing\Element\Element;
use Underpin\Drawing\Element\Line;
use Underpin\Drawing\Element\Rect;
use Underpin\Drawing\Element\Text;
use Underpin\Drawing\Layer;
use Underpin\Drawing\Sheet;

/** The leg strip's tracks, on one scale in amperes across, with the limits as ticks over them. */
final readonly class StripDrawing
{
    private const WIDTH = 1000;

    private const HEIGHT = 78;

    private const TRACK_A = 32;

    private const TRACK_B = 56;

    private const TRACK_H = 18;

    /** baselines of the labels, by turns, so that two limits close together stay readable */
    private const LABELS = [13, 27];

    /** where a tick begins, over its label */
    private const TICKS = [4, 18];

    private const ASIDE = 5;

    /** The first limit's label stands before its tick, unless there is no room for it there. */
    private const ROOM_BEFORE = 0.3;

    public function __construct(private LegStrip $strip)
    {
    }

    public function drawing(): Drawing
    {
        return new Drawing('Running and starting amperes on the legs', Sheet::stretching(self::WIDTH, self::HEIGHT), [
            new Layer('tracks', [
                ...$this->track(
                    self::TRACK_A, $this->strip->aRunAmps, $this->strip->aPeakAmps, StripInk::RunningA, StripInk::StartA,
                ),
                ...$this->strip->oneHot ? [] : $this->track(
                    self::TRACK_B, $this->strip->bRunAmps, $this->strip->bPeakAmps, StripInk::RunningB, StripInk::StartB,
                ),
            ]),
            new Layer('limits', [
                ...array_map($this->tick(...), array_keys($this->strip->ticks), $this->strip->ticks),
                ...array_map($this->label(...), array_keys($this->strip->ticks), $this->strip->ticks),
            ]),
        ]);
    }

    /** @return list<Element> what runs, and hatched beyond it what the worst start still adds */
    private function track(float $y, float $running, float $start, StripInk $solid, StripInk $hatched): array
    {
        $x = $this->x($running);

        return [
            new Rect(new Box(0, $y, self::WIDTH, self::TRACK_H), StripInk::Track, 3),
            new Rect(new Box(0, $y, $x, self::TRACK_H), $solid, 3),
            new Rect(new Box($x, $y, max(0.0, $this->x($start) - $x), self::TRACK_H), $hatched),
        ];
    }

    private function tick(int $place, Tick $tick): Line
    {
        $x = $this->x($tick->amps);

        return new Line(
            $x, self::TICKS[$place % 2], $x, self::TRACK_B + self::TRACK_H + 2, $tick->hard ? StripInk::HardLimit : StripInk::Limit,
        );
    }

    private function label(int $place, Tick $tick): Text
    {
        $isBefore = $place === 0 && $tick->amps / $this->strip->scaleAmps > self::ROOM_BEFORE;

        return new Text(
            $this->x($tick->amps), self::LABELS[$place % 2], "$tick->label ".number_format($tick->amps, 1).' A',
            $tick->hard ? StripInk::HardLabel : StripInk::Label,
            $isBefore ? Anchor::End : Anchor::Start, $isBefore ? -self::ASIDE : self::ASIDE,
        );
    }

    /** What lies beyond the scale stands at its end. */
    private function x(float $amps): float
    {
        return self::WIDTH * min($amps, $this->strip->scaleAmps) / $this->strip->scaleAmps;
    }
}
