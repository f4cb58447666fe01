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

    /** letters of a tag */
    private const TAG_LETTERS = 36;

    private const HEADING_LETTERS = 29;

    /** @param  list<string>  $lines */
    private function __construct(
        private string $heading, private array $lines, private string $place, public float $width, public float $height,
        private bool $isTag,
    ) {
    }

    public static function ofSign(Sign $sign): self
    {
        $lines = array_merge([], ...array_map(self::wrapped(...), $sign->words));

        return new self($sign->heading, $lines, $sign->place, self::SIGN_W, self::BAND + count($lines) * self::LINE + 44, false);
    }

    public static function tag(string $heading, string $from, string $to): self
    {
        return new self($heading, [$from, $to], 'at both ends', self::TAG_W, 66.0, true);
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
        $short = fn (string $words): string => mb_strimwidth($words, 0, self::TAG_LETTERS, '…');

        return [
            new Text($box->x + 8, $box->y + 20, mb_strimwidth($this->heading, 0, self::HEADING_LETTERS, '…'), LabelInk::Tag),
            new Text($box->x + 8, $box->y + 38, $short($this->lines[0]), LabelInk::TagEnds),
            new Text($box->x + 8, $box->y + 55, $short($this->lines[1]), LabelInk::TagEnds),
        ];
    }

    /** @return list<string> the words in lines that fit */
    private static function wrapped(string $words): array
    {
        $lines = [''];
        foreach (explode(' ', $words) as $word) {
            $last = count($lines) - 1;
            $longer = trim("$lines[$last] $word");
            if (mb_strlen($longer) > self::LETTERS) {
                $lines[] = $word;
            } else {
                $lines[$last] = $longer;
            }
        }

        return $lines;
    }
}
