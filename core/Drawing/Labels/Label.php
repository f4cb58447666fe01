<?php

declare(strict_types=1);

namespace Underpin\Drawing\Labels;

use Underpin\Assembly\Sign;
use Underpin\Drawing\Box;
use Underpin\Drawing\Element\Element;
use Underpin\Drawing\Element\Rect;
use Underpin\Drawing\Element\Text;

/** One label to cut out: a sign with a heading, or the tag of a conductor. */
final readonly class Label
{
    private const SIGN_W = 354.0;

    private const TAG_W = 232.0;

    private const BAND = 34.0;

    private const LINE = 22.0;

    /** letters that a line of a sign has room for */
    private const LETTERS = 38;

    /** letters that a narrow tag has room for, in its heading and below; a longer one is as wide as a sign */
    private const TAG_HEADING = 27;

    private const TAG_LETTERS = 34;

    private const WIDE_HEADING = 43;

    private const WIDE_LETTERS = 48;

    private const TAG_LINE = 17.0;

    /** @param  list<string>  $lines */
    private function __construct(
        private string $heading, private array $lines, private string $place, public float $width, public float $height,
        private bool $isTag,
    ) {
    }

    public static function ofSign(Sign $sign): self
    {
        $lines = array_merge([], ...array_map(fn (string $words): array => self::wrapped($words, self::LETTERS), $sign->words));

        return new self($sign->heading, $lines, $sign->place, self::SIGN_W, self::BAND + count($lines) * self::LINE + 44, false);
    }

    public static function tag(string $heading, string $from, string $to): self
    {
        if (mb_strlen($heading) <= self::TAG_HEADING && max(mb_strlen($from), mb_strlen($to)) <= self::TAG_LETTERS) {
            return new self($heading, [$from, $to], 'at both ends', self::TAG_W, 66.0, true);
        }
        $first = self::wrapped($heading, self::WIDE_HEADING);
        $lines = [...array_slice($first, 1), ...self::wrapped($from, self::WIDE_LETTERS), ...self::wrapped($to, self::WIDE_LETTERS)];

        return new self($first[0], $lines, 'at both ends', self::SIGN_W, 32 + count($lines) * self::TAG_LINE, true);
    }

    /** @return list<Element> */
    public function elements(float $x, float $y): array
    {
        $box = new Box($x, $y, $this->width, $this->height);

        return [new Rect($box, LabelInk::Cut), ...$this->isTag ? $this->asTag($box) : $this->asSign($box)];
    }

    /** @return list<string> heading, words, place */
    public function words(): array
    {
        return [$this->heading, implode(' ', $this->lines), $this->place];
    }

    /** @return list<Element> */
    private function asSign(Box $box): array
    {
        $texts = [];
        foreach ($this->lines as $n => $line) {
            $texts[] = new Text($box->x + 12, $box->y + self::BAND + 24 + $n * self::LINE, $line, LabelInk::Words);
        }

        return [
            new Rect(new Box($box->x, $box->y, $box->w, self::BAND), LabelInk::Band),
            new Text($box->x + 12, $box->y + 24, mb_strtoupper($this->heading), LabelInk::Heading), ...$texts,
            new Text($box->x + 12, $box->bottom() - 10, $this->place, LabelInk::Place),
        ];
    }

    /** @return list<Element> */
    private function asTag(Box $box): array
    {
        $texts = [new Text($box->x + 8, $box->y + 20, $this->heading, LabelInk::Tag)];
        foreach ($this->lines as $n => $line) {
            $texts[] = new Text($box->x + 8, $box->y + 38 + $n * self::TAG_LINE, $line, LabelInk::TagEnds);
        }

        return $texts;
    }

    /** @return list<string> the words in lines that fit */
    private static function wrapped(string $words, int $letters): array
    {
        $lines = [''];
        foreach (explode(' ', $words) as $word) {
            $last = count($lines) - 1;
            $longer = trim("$lines[$last] $word");
            if (mb_strlen($longer) > $letters) {
                $lines[] = $word;
            } else {
                $lines[$last] = $longer;
            }
        }

        return $lines;
    }
}
