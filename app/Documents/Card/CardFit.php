<?php

declare(strict_types=1);

namespace App\Documents\Card;

use Dompdf\FontMetrics;

/**
 * The largest type in which a card stands on one letter sheet, and where its two columns part: worked out from the
 * widths of its words, so that the sheet is laid out once. The figures here are those of its style sheet.
 */
final readonly class CardFit
{
    public const MARGIN_X = 26;

    public const MARGIN_Y = 22;

    /** Of the height that the renderer gives its type, which is 1.2 of its size. */
    public const LINE = 0.94;

    /** Of the type: the indent of a list, and the sizes of what is not body. */
    public const INDENT = 1.7;

    public const SMALL = 0.85;

    public const HEAD = 1.9;

    public const TITLE = 1.12;

    public const SPACE = 1.2;

    public const GAP = 2;

    public const GUTTER = 10;

    /** Side of the square pattern, what it takes of the head beside it, and how tall it is with its words. */
    public const SQUARE = 62;

    public const BESIDE_SQUARE = self::SQUARE + 8;

    public const SQUARE_TALL = self::SQUARE + 10;

    private const WIDTH = 612 - 2 * self::MARGIN_X;

    private const HEIGHT = 792 - 2 * self::MARGIN_Y;

    /** Of the height: what a renderer rounds up. */
    private const SAFE = 0.99;

    /** points, the largest first; what does not fit in the smallest goes onto several sheets */
    private const SIZES = [14.0, 13.5, 13.0, 12.5, 12.0, 11.5, 11.0, 10.5, 10.0, 9.5, 9.0, 8.5, 8.0];

    private const SEVERAL_SHEETS = 10.5;

    /** points of a card for who reads without glasses, by a flashlight */
    private const LARGE_PRINT = 18.0;

    private const LEAST_FOOT = 6.0;

    /** points of the left column that are tried */
    private const LEFTS = [220.0, 240.0, 260.0, 280.0, 300.0, 320.0, 340.0, 360.0];

    private function __construct(public float $points, public bool $isOneSheet, public int $split = 0, public float $left = 0.0)
    {
    }

    /** On as many sheets as it takes. */
    public static function largePrint(): self
    {
        return new self(self::LARGE_PRINT, false);
    }

    public static function of(CardContents $contents, FontMetrics $fonts): self
    {
        $words = new CardWords($fonts);
        foreach (self::SIZES as $points) {
            $rest = self::HEIGHT * self::SAFE - self::around($contents, $words, $points);
            $best = null;
            foreach (self::LEFTS as $left) {
                [$split, $tall] = self::parted($contents, $words, $points, $left);
                if ($tall <= $rest && ($best === null || $tall < $best[0])) {
                    $best = [$tall, $split, $left];
                }
            }
            if ($best !== null) {
                return new self($points, true, $best[1], $best[2]);
            }
        }

        return new self(self::SEVERAL_SHEETS, false);
    }

    /** The next that is tried where the renderer needed more room than was thought. */
    public function smaller(): self
    {
        foreach (self::SIZES as $points) {
            if ($points < $this->points) {
                return new self($points, true, $this->split, $this->left);
            }
        }

        return new self(self::SEVERAL_SHEETS, false);
    }

    public static function foot(float $points): float
    {
        return max(self::LEAST_FOOT, $points * 0.66);
    }

    /** @return array{int, float} how many sections stand on the left, and the height of the taller column */
    private static function parted(CardContents $contents, CardWords $words, float $points, float $left): array
    {
        $lefts = $rights = [];
        foreach ($contents->sections as $section) {
            $lefts[] = self::section($section, $contents, $words, $points, $left);
            $rights[] = self::section($section, $contents, $words, $points, self::WIDTH - $left - self::GUTTER);
        }
        $best = [0, INF];
        for ($split = 1; $split < count($lefts); $split++) {
            $tall = max(array_sum(array_slice($lefts, 0, $split)), array_sum(array_slice($rights, $split)));
            if ($tall < $best[1]) {
                $best = [$split, $tall];
            }
        }

        return $best;
    }

    /** Head, draft, cautions, practice and foot, which go over the whole width. */
    private static function around(CardContents $contents, CardWords $words, float $points): float
    {
        $line = self::LINE * $words->height($points);
        $width = self::WIDTH;
        $beside = $contents->rehearsal === null ? $width : $width - self::BESIDE_SQUARE;
        $head = self::HEAD * $line + $words->lines([[$contents->line, $points]], $beside) * $line
            + 6 + $words->lines([['Emergency: 911', $points, true], [$contents->numbers, $points]], $beside) * $line;
        $tall = $contents->rehearsal === null ? $head : max($head, self::SQUARE_TALL);
        if ($contents->card->gaps !== []) {
            $inner = $width - 16;
            $tall += 17 + $line + ($contents->moreGaps() > 0 ? $line : 0) + self::points($contents->gaps(), $words, $points, $inner);
        }
        $tall += 15 + self::points($contents->card->cautions, $words, $points, $width - 13);
        if ($contents->practice() !== '') {
            $tall += 4 + $words->lines([[$contents->practice(), $points]], $width) * $line;
        }
        $foot = self::foot($points);

        return $tall + 6 + $words->lines([[$contents->foot, $foot]], $width) * self::LINE * $words->height($foot);
    }

    private static function section(CardSection $section, CardContents $contents, CardWords $words, float $points, float $width): float
    {
        $line = self::LINE * $words->height($points);
        $tall = 8.5 + $words->lines([[$section->title, self::TITLE * $points, true]], $width) * self::TITLE * $line;
        $inner = $width - self::INDENT * $points;
        foreach ($section->steps as $step) {
            $tall += self::GAP + $line * $words->lines([[$step->do, $points], [$step->because, self::SMALL * $points]], $inner);
        }
        $tall += self::points($section->points, $words, $points, $width);
        foreach ($section->room as $row) {
            $label = [[$row->label, $points, true], [$contents->namesPanels ? $row->panel : '', self::SMALL * $points]];
            $tall += $line * $words->lines([...$label, ["$row->name, wait {$row->waitWords()}", $points]], $width);
        }
        $tall += $section->room === [] ? 0 : $line + 4;
        if ($section->off !== []) {
            $named = array_map(
                fn ($row): string => $row->label.($contents->namesPanels ? " $row->panel" : '')." $row->name;", $section->off,
            );
            $tall += $line * $words->lines([['never '.implode(' ', $named), $points]], $width - 8);
        }

        return $tall + ($section->isOrder ? self::order($section, $contents, $words, $points, $width) : 0.0);
    }

    private static function order(CardSection $section, CardContents $contents, CardWords $words, float $points, float $width): float
    {
        $line = self::LINE * $words->height($points);
        $number = $words->width((string) count($section->order), $points) + 11;
        $thrown = max([
            $words->width($contents->card->throws, $points),
            ...array_map(fn ($row): float => $words->width($row->thrown(), self::SPACE * $points, true), $section->order),
        ]) + 5;
        $wait = max([
            $words->width('Then wait', $points),
            ...array_map(fn ($row): float => $words->width($row->waitWords(), $points), $section->order),
        ]) + 5;
        $name = max(40.0, $width - $number - $thrown - $wait - 6);
        $tall = $line;
        foreach ($section->order as $row) {
            $panel = $row->places === [] && $contents->namesPanels ? $row->panel : '';
            $tall += 3.2 + max(self::SPACE * $line, $line * $words->lines([[$row->name, $points], [$panel, self::SMALL * $points]], $name));
        }

        return $tall + ($section->order === [] ? $line + 4 : 0);
    }

    /** @param  list<string>  $texts */
    private static function points(array $texts, CardWords $words, float $points, float $width): float
    {
        $tall = 0.0;
        $line = self::LINE * $words->height($points);
        foreach ($texts as $text) {
            $tall += self::GAP + $line * $words->lines([[$text, $points]], $width - self::INDENT * $points);
        }

        return $tall;
    }
}
