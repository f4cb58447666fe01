<?php

declare(strict_types=1);

namespace Underpin\Drawing\Site;

use Underpin\Drawing\Anchor;
use Underpin\Drawing\Box;
use Underpin\Drawing\Element\Element;
use Underpin\Drawing\Element\Text;

/** Where words of the site plan find room: each takes the place where it covers least of what stands there already. */
final class SiteLabels
{
    /** units that a letter of a note takes, and how high it stands */
    public const LETTER = 6.6;

    private const HIGH = 15.0;

    /** units from a thing to its name, and between the boxes that a line is kept free by */
    private const AWAY = 5.0;

    private const STEP = 8.0;

    /** A word over another cannot be read; one over a line can. */
    private const WORDS_WEIGH = 8.0;

    /** @var list<Box> words, and things that have a name */
    private array $taken = [];

    /** @var list<Box> along lines */
    private array $lines = [];

    public function __construct(private readonly Box $sheet)
    {
    }

    /** The words among these stand already. */
    public function take(Element ...$elements): void
    {
        foreach ($elements as $element) {
            if ($element instanceof Text && $element->words !== '') {
                $this->taken[] = self::box($element);
            }
        }
    }

    /**
     * Lines that no word shall cover.
     *
     * @param  array{array{float, float}, array{float, float}}  ...$lines
     */
    public function keepOff(array ...$lines): void
    {
        foreach ($lines as [[$x1, $y1], [$x2, $y2]]) {
            $steps = max(1, (int) ceil(hypot($x2 - $x1, $y2 - $y1) / self::STEP));
            for ($i = 0; $i <= $steps; $i++) {
                $this->lines[] = new Box($x1 + ($x2 - $x1) * $i / $steps - 2, $y1 + ($y2 - $y1) * $i / $steps - 2, 4, 4);
            }
        }
    }

    /** The name of a thing, on one of its four sides. */
    public function beside(Box $thing, string $words, SiteInk $ink): Text
    {
        $this->taken[] = $thing;
        $middle = $thing->middle() + self::HIGH / 3;

        return $this->roomFor(array_merge(...array_map(fn (float $far): array => [
            new Text($thing->centre(), $thing->bottom() + self::HIGH + $far, $words, $ink, Anchor::Middle),
            new Text($thing->centre(), $thing->y - self::AWAY - $far, $words, $ink, Anchor::Middle),
            new Text($thing->right() + self::AWAY + $far, $middle, $words, $ink),
            new Text($thing->x - self::AWAY - $far, $middle, $words, $ink, Anchor::End),
        ], [0.0, self::HIGH, self::HIGH * 2.4])));
    }

    /**
     * The name of a line, to the right or left of one of these places on it.
     *
     * @param  non-empty-list<array{float, float}>  $places
     */
    public function along(array $places, string $words, SiteInk $ink): Text
    {
        $texts = [];
        foreach ([0.0, self::HIGH, self::HIGH * 2] as $far) {
            foreach ($places as [$x, $y]) {
                array_push(
                    $texts, new Text($x + 10, $y - self::AWAY - $far, $words, $ink),
                    new Text($x - 10, $y - self::AWAY - $far, $words, $ink, Anchor::End),
                    new Text($x + 10, $y + self::HIGH + $far, $words, $ink),
                    new Text($x - 10, $y + self::HIGH + $far, $words, $ink, Anchor::End),
                );
            }
        }

        return $this->roomFor($texts);
    }

    /** @param  non-empty-list<Box>  $boxes */
    public function roomiest(array $boxes): Box
    {
        return $this->taken[] = $boxes[$this->leastCovered($boxes)];
    }

    /** @param  non-empty-list<Text>  $texts  the same words at different places, the best place first */
    public function roomFor(array $texts): Text
    {
        $boxes = array_map(self::box(...), $texts);
        $best = $this->leastCovered($boxes);
        $this->taken[] = $boxes[$best];

        return $texts[$best];
    }

    /** @param  non-empty-list<Box>  $boxes  where the first of those that cover equally little is */
    private function leastCovered(array $boxes): int
    {
        $best = 0;
        $least = INF;
        foreach ($boxes as $i => $box) {
            $covered = $this->covered($box);
            [$best, $least] = $covered < $least ? [$i, $covered] : [$best, $least];
            if ($least <= 0.0) {
                break;
            }
        }

        return $best;
    }

    /** Square units of what stands there already, and of what would lie beside the sheet. */
    private function covered(Box $box): float
    {
        return self::WORDS_WEIGH * (self::shared($box, $this->taken) + $box->w * $box->h - self::shared($box, [$this->sheet]))
            + self::shared($box, $this->lines);
    }

    /**
     * Square units that it shares with them.
     *
     * @param  list<Box>  $others
     */
    private static function shared(Box $box, array $others): float
    {
        [$left, $top, $right, $bottom] = [$box->x, $box->y, $box->right(), $box->bottom()];
        $shared = 0.0;
        foreach ($others as $other) {
            // Most lie apart: they are left out before anything is worked out.
            if ($other->x < $right && $other->y < $bottom && $other->x + $other->w > $left && $other->y + $other->h > $top) {
                $shared += (min($right, $other->x + $other->w) - max($left, $other->x))
                    * (min($bottom, $other->y + $other->h) - max($top, $other->y));
            }
        }

        return $shared;
    }

    private static function box(Text $text): Box
    {
        $wide = mb_strlen($text->words) * self::LETTER * ($text->ink === SiteInk::Name ? 1.2 : 1.0);
        $left = match ($text->anchor) {
            Anchor::Start => $text->x,
            Anchor::Middle => $text->x - $wide / 2,
            Anchor::End => $text->x - $wide,
        };

        return new Box($left, $text->y - self::HIGH * 0.8, $wide, self::HIGH);
    }
}
