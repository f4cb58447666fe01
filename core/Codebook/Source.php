<?php

declare(strict_types=1);

namespace Underpin\Codebook;

/** Where a rule comes from, as it is printed beside every verdict. */
final readonly class Source
{
    private const NEC = 'NEC';

    public function __construct(public string $document, public string $section)
    {
    }

    /** @param  string  $section  as the edition of 2023 numbers it; several after commas */
    public static function nec(string $section): self
    {
        return new self(self::NEC, $section);
    }

    /** The house's own practice, where no code speaks. */
    public static function practice(string $what): self
    {
        return new self('Good practice:', $what);
    }

    /** As it is printed, by the edition that the local rules name: "NEC 2020 400.12". */
    public function words(string $edition = ''): string
    {
        $code = Edition::of($edition);

        return trim($this->document === self::NEC ? "{$code->name()} {$code->sections($this->section)}" : "$this->document $this->section");
    }
}
