<?php

declare(strict_types=1);

namespace Underpin\Codebook;

/** Where a rule comes from, as it is printed beside every verdict. */
final readonly class Source
{
    public function __construct(public string $document, public string $section)
    {
    }

    public static function nec(string $section): self
    {
        return new self('NEC 2023', $section);
    }

    /** The house's own practice, where no code speaks. */
    public static function practice(string $what): self
    {
        return new self('Good practice:', $what);
    }

    public function words(): string
    {
        return trim("$this->document $this->section");
    }
}
