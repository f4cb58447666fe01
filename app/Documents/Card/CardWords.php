<?php

declare(strict_types=1);

namespace App\Documents\Card;

use App\Documents\PrintFonts;
use Dompdf\FontMetrics;

/** How wide words are in the type of a card, and how many lines they take. */
final class CardWords
{
    private const FONT = PrintFonts::WORDS;

    private const MEASURED_AT = 100.0;

    /** @var array<string, float> in points, at one point of type */
    private array $widths = [];

    public function __construct(private readonly FontMetrics $fonts)
    {
    }

    public function width(string $text, float $points, bool $isBold = false): float
    {
        return $points * ($this->widths[($isBold ? 'b' : 'n').$text] ??= $this->measured($text, $isBold));
    }

    /**
     * @param  list<array{0: string, 1: float, 2?: bool}>  $texts  one after the other: the words, points of type, bold
     * @param  float  $width  points
     */
    public function lines(array $texts, float $width): int
    {
        $lines = 1;
        $at = 0.0;
        foreach ($texts as $text) {
            $space = $this->width(' ', $text[1]);
            foreach (preg_split('/\s+/', $text[0], -1, PREG_SPLIT_NO_EMPTY) ?: [] as $word) {
                $wide = $this->width($word, $text[1], $text[2] ?? false);
                if ($at > 0 && $at + $space + $wide > $width) {
                    $lines++;
                    $at = $wide;
                } else {
                    $at += ($at > 0 ? $space : 0) + $wide;
                }
            }
        }

        return $lines;
    }

    /** Points from one line to the next where nothing else is said. */
    public function height(float $points): float
    {
        $height = fn (): float => $this->fonts->getFontHeight($this->font(false), self::MEASURED_AT) / self::MEASURED_AT;

        return $points * ($this->widths['height'] ??= $height());
    }

    private function measured(string $text, bool $isBold): float
    {
        return $this->fonts->getTextWidth($text, $this->font($isBold), self::MEASURED_AT) / self::MEASURED_AT;
    }

    private function font(bool $isBold): string
    {
        $weight = $isBold ? 'bold' : 'normal';

        return (string) ($this->fonts->getFont(self::FONT, $weight) ?? $this->fonts->getFont('DejaVu Sans', $weight));
    }
}
