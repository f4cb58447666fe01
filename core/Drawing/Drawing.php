<?php

declare(strict_types=1);

namespace Underpin\Drawing;

/** A finished drawing: a value that any writer can put on a page, on paper or into a CAD file. */
final readonly class Drawing
{
    /**
     * @param  list<Layer>  $layers  from the ground up
     * @param  list<list<string>>  $twin  the same in words: a heading and rows
     */
    public function __construct(public string $title, public Sheet $sheet, public array $layers, public array $twin = [])
    {
    }

    public function titled(string $title): self
    {
        return new self($title, $this->sheet, $this->layers, $this->twin);
    }

    public function drawOn(Canvas $canvas): void
    {
        foreach ($this->layers as $layer) {
            $canvas->layer($layer);
        }
    }
}
