<?php

declare(strict_types=1);

namespace App\Bench\Hostile;

use App\Bench\SpoiledSheets;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What is sent in the place of what belongs there: the same for the same seed. */
final readonly class Malice
{
    private const VALUES = [
        '', ' ', '0', '-1', '1e400', '-1e-400', 'NaN', 'Infinity', '999999999999999999999', '2.5', '1,5', '0x1F', 'null', 'true',
        '[]', '{}',
        "a\0b", "\xC3\x28", "\xFF\xFE", '<script>alert(1)</script>', '"><img src=x onerror=alert(1)>', '{{7*7}}', '{!! 1 !!}', '${7*7}',
        "'; drop table jobs; --", '" or 1=1', '../../../../etc/passwd', 'C:\\x', '=1+1', '@SUM(1)', '٣', '𝟛', '１２', "\u{202E}abc",
        "line\r\nSet-Cookie: x=1", '2026-02-31', '9-Nov', '17-24', '5-7', '1;2', 'must', 'room', 'off', 'panel', 'main', 'gone',
        '%00', '%s%n',
        '{"a":{"b":[1]}}', '/', '.', '..', "caf\u{301}", "\u{1F4A5}",
    ];

    private const LONG = [5_000, 70_000, 400_000];

    private Randomizer $chance;

    public function __construct(int $seed)
    {
        $this->chance = new Randomizer(new Mt19937($seed));
    }

    public function below(int $count): int
    {
        return $this->chance->getInt(0, $count - 1);
    }

    /** @return array<string, mixed> the fields of a form, of which some are not what they should be */
    public function fields(Form $form): array
    {
        $fields = $form->fields;
        $names = array_keys($fields);
        for ($n = $this->below(4); $n > 0 && $names !== []; $n--) {
            $name = $names[$this->below(count($names))];
            $fields[$name] = match ($this->below(40)) {
                0 => ['a' => ['b' => 'c']],
                1 => str_repeat('x', self::LONG[$this->below(count(self::LONG))]),
                2 => null,
                default => self::VALUES[$this->below(count(self::VALUES))],
            };
        }

        return array_filter($fields, fn (mixed $value): bool => $value !== null);
    }

    /** The path of a form, and now and then of something that is not there, or another's. */
    public function path(Form $form): string
    {
        return match ($this->below(25)) {
            0 => (string) preg_replace('~^/jobs/\d+~', '/jobs/1', $form->path),
            1 => (string) preg_replace('~[^/]+$~', ['gone', '%00', '..%2f..%2fx', 'A%27', '%c3%28'][$this->below(5)], $form->path),
            default => $form->path,
        };
    }

    /** @param  array<string, string>  $good  by what it is, one that is right */
    public function file(string $what, array $good): string
    {
        return $what === 'schedule' ? SpoiledSheets::of($this->below(1_000_000)) : $this->spoiled($good[$what]);
    }

    private function spoiled(string $bytes): string
    {
        for ($n = 1 + $this->below(3); $n > 0; $n--) {
            $at = $this->below(max(1, strlen($bytes)));
            $bytes = match ($this->below(9)) {
                0 => substr($bytes, 0, $at),
                1 => substr($bytes, $at),
                2, 3 => substr_replace($bytes, chr($this->below(256)), $at, 1),
                4 => substr_replace($bytes, self::VALUES[$this->below(count(self::VALUES))], $at, $this->below(4)),
                5 => substr_replace($bytes, str_repeat(chr(32 + $this->below(95)), $this->below(20_000)), $at, 0),
                6 => "\xFF\xFE".mb_convert_encoding($bytes, 'UTF-16LE', 'ISO-8859-1'),
                7 => (string) gzencode($bytes),
                default => substr_replace($bytes, '<!DOCTYPE a [<!ENTITY b SYSTEM "file:///etc/hostname">]>', $at, 0),
            };
        }

        return $bytes;
    }
}
