<?php

declare(strict_types=1);

namespace Underpin\Drawing;

/** How an ink looks on paper. Widths, sizes and dashes are in units of the sheet. */
final readonly class Pen
{
    /** @param  list<float>  $dash  stroke and gap by turns; none for a whole line */
    private function __construct(
        public ?Colour $fill,
        public ?Colour $stroke,
        public float $width,
        public array $dash = [],
        public ?Hatch $hatch = null,
        public float $size = 0.0,
        public bool $isBold = false,
        public bool $isMono = false,
    ) {
    }

    public static function fill(Colour $colour): self
    {
        return new self($colour, null, 0);
    }

    public static function line(Colour $colour, float $width): self
    {
        return new self(null, $colour, $width);
    }

    public static function face(Colour $fill, Colour $edge, float $width): self
    {
        return new self($fill, $edge, $width);
    }

    /** @param  float  $size  of the letters */
    public static function text(Colour $colour, float $size): self
    {
        return new self($colour, null, 0, size: $size);
    }

    public function dashed(float $stroke, float $gap): self
    {
        return new self($this->fill, $this->stroke, $this->width, [$stroke, $gap], $this->hatch, $this->size, $this->isBold, $this->isMono);
    }

    public function hatched(Hatch $hatch): self
    {
        return new self($this->fill, $this->stroke, $this->width, $this->dash, $hatch, $this->size, $this->isBold, $this->isMono);
    }

    public function bold(): self
    {
        return new self($this->fill, $this->stroke, $this->width, $this->dash, $this->hatch, $this->size, true, $this->isMono);
    }

    public function mono(): self
    {
        return new self($this->fill, $this->stroke, $this->width, $this->dash, $this->hatch, $this->size, $this->isBold, true);
    }
}
