<?php

declare(strict_types=1);

namespace Underpin\Form\Type;

use Underpin\Csv\Number;
use Underpin\Form\Field;
use Underpin\Geometry\OutlineWords;
use Underpin\Geometry\Point;
use Underpin\Refused;

/** A list of places, each a pair of feet: to the right, and up. */
final readonly class PointsType extends Type
{
    public function __construct(private int $least = 0, private ?int $most = null)
    {
    }

    public function name(): string
    {
        return 'list of points';
    }

    public function atLeast(float $limit): self
    {
        return new self((int) $limit, $this->most);
    }

    public function atMost(float $limit): self
    {
        return new self($this->least, (int) $limit);
    }

    public function wanted(): string
    {
        $most = $this->most === null ? '' : " and at most $this->most";

        return $this->least === 0 && $most === '' ? 'a list of points [x, y]' : "a list of at least $this->least$most points [x, y]";
    }

    /** @return list<Point> */
    public function read(Field $field, mixed $value): array
    {
        if (! is_array($value) || count($value) < $this->least || ($this->most !== null && count($value) > $this->most)) {
            throw $field->refused($value);
        }
        $points = [];
        foreach (array_values($value) as $i => $pair) {
            if (! is_array($pair) || count($pair) !== 2) {
                $at = $field->at($i, $this);

                throw new Refused($at->name, "$at->label must be two numbers, [x, y].");
            }
            [$x, $y] = array_map(
                fn (int $j): float => (float) self::number()->read(
                    $field->at($i, self::number())->at($j, self::number()), $pair[$j] ?? null,
                ),
                [0, 1],
            );
            $points[] = new Point($x, $y);
        }

        return $points;
    }

    /** "0,0 40,0 40,28": a blank, a line or a semicolon between points, a comma inside each; or an outline in words. */
    public function fromText(string $text): mixed
    {
        $outline = OutlineWords::corners($text);
        if ($outline !== null) {
            return $outline;
        }
        $pairs = preg_split('/[;\s]+/', trim((string) preg_replace('/\s*,\s*/', ',', $text)), -1, PREG_SPLIT_NO_EMPTY) ?: [];

        $points = array_map(fn (string $pair): array => array_map(Number::read(...), explode(',', $pair)), $pairs);
        $isPlain = array_filter($points, fn (array $at): bool => count($at) !== 2 || in_array(null, $at, true)) === [];

        return match (true) {
            $pairs === [] => null,
            $isPlain => $points,
            default => $text,
        };
    }

    public function schema(): array
    {
        return array_filter([
            'type' => 'array', 'items' => ['type' => 'array', 'items' => ['type' => 'number'], 'minItems' => 2, 'maxItems' => 2],
            'minItems' => $this->least === 0 ? null : $this->least, 'maxItems' => $this->most,
        ], fn (mixed $limit): bool => $limit !== null);
    }

    public function describe(): array
    {
        return $this->most === null ? [] : ['at_most' => $this->most];
    }

    private static function number(): NumberType
    {
        return (new NumberType)->atLeast(-1e9);
    }
}
