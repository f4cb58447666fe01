<?php

declare(strict_types=1);

namespace Underpin\Codebook;

/** An edition of the code, and where it numbers a section otherwise than that of 2023. */
final readonly class Edition
{
    /** the edition that every section in this program is written by */
    public const LATEST = 2023;

    /** section of 2023 => the newest edition that has it elsewhere => its number there */
    private const ELSEWHERE = [
        '110.14(D)' => [2014 => '110.14, 110.3(B)'],
        '210.12(E)' => [2020 => '210.12(D)', 2014 => '210.12(B)'],
        '210.8(F)' => [2017 => '210.8'],
        '220.41' => [2020 => '220.14(J)', 2017 => '220.12'],
        '220.45' => [2020 => '220.42'],
        '220.57' => [2020 => '625.42'],
        '220.70' => [2020 => '750.30'],
        '230.67' => [2017 => 'Article 285'],
        '230.85' => [2017 => '230.70'],
        '230.71(B)' => [2017 => '230.71'],
        '310.12' => [2017 => '310.15(B)(7)'],
        '310.15(B)(1)(1)' => [2020 => '310.15(B)(1)', 2017 => '310.15(B)(2)(a)'],
        '310.15(C)(1)' => [2017 => '310.15(B)(3)(a)'],
        '310.16' => [2017 => 'Table 310.15(B)(16)'],
        '400.10' => [2014 => '400.7'],
        '400.12' => [2014 => '400.8'],
        '445.19' => [2020 => '445.18(D)', 2017 => '445.18'],
        '702.5(A)' => [2017 => '702.5'],
        '702.5(B)' => [2017 => '702.5'],
        'Table 400.5(A)(1)' => [2008 => 'Table 400.5(A)'],
    ];

    private function __construct(public int $year)
    {
    }

    /** As the local rules name it: "NEC 2020"; the latest where they name no year. */
    public static function of(string $words): self
    {
        return new self(preg_match('/\b(20\d\d)\b/', $words, $year) === 1 ? min((int) $year[1], self::LATEST) : self::LATEST);
    }

    public function name(): string
    {
        return "NEC $this->year";
    }

    /** Sections of 2023, one or several after commas, as this edition numbers them. */
    public function sections(string $sections): string
    {
        return implode(', ', array_map($this->section(...), explode(', ', $sections)));
    }

    private function section(string $section): string
    {
        $number = $section;
        foreach (self::ELSEWHERE[$section] ?? [] as $until => $there) {
            $number = $this->year <= $until ? $there : $number;
        }

        return $number;
    }
}
