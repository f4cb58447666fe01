<?php

declare(strict_types=1);

namespace Underpin\Form;

use LogicException;
use Underpin\Geometry\Point;

/** The values of one object of input, each already read and checked by its Field. */
final readonly class Values
{
    /** @param  array<string, float|int|string|bool|Values|list<Values>|list<float>|list<Point>|null>  $values */
    public function __construct(private array $values)
    {
    }

    /** @return array<string, float|int|string|bool|Values|list<Values>|list<float>|list<Point>|null> */
    public function all(): array
    {
        return $this->values;
    }

    public function number(string $name): float
    {
        return $this->numberOrNull($name) ?? throw self::undeclared($name);
    }

    public function numberOrNull(string $name): ?float
    {
        $value = $this->values[$name] ?? null;

        return is_int($value) || is_float($value) ? (float) $value : null;
    }

    public function whole(string $name): int
    {
        return (int) $this->number($name);
    }

    public function text(string $name): string
    {
        $value = $this->values[$name] ?? null;

        return is_string($value) ? $value : throw self::undeclared($name);
    }

    public function flag(string $name): bool
    {
        $value = $this->values[$name] ?? null;

        return is_bool($value) ? $value : throw self::undeclared($name);
    }

    /** @return list<Values> */
    public function items(string $name): array
    {
        $value = $this->values[$name] ?? null;
        if (! is_array($value)) {
            throw self::undeclared($name);
        }

        return array_values(array_filter($value, fn (mixed $item): bool => $item instanceof self));
    }

    /** Whether the field was given, or has a default. */
    public function has(string $name): bool
    {
        return isset($this->values[$name]);
    }

    /** @return list<Values> empty where the list is missing */
    public function itemsOrNone(string $name): array
    {
        return $this->has($name) ? $this->items($name) : [];
    }

    /** @return list<float> */
    public function numbers(string $name): array
    {
        $value = $this->values[$name] ?? null;

        return is_array($value) ? array_values(array_filter($value, is_float(...))) : [];
    }

    /** @return ?list<Point> null where the list is missing */
    public function points(string $name): ?array
    {
        $value = $this->values[$name] ?? null;

        return is_array($value) ? array_values(array_filter($value, fn (mixed $each): bool => $each instanceof Point)) : null;
    }

    public function textOrNull(string $name): ?string
    {
        $value = $this->values[$name] ?? null;

        return is_string($value) ? $value : null;
    }

    public function flagOrNull(string $name): ?bool
    {
        $value = $this->values[$name] ?? null;

        return is_bool($value) ? $value : null;
    }

    public function wholeOrNull(string $name): ?int
    {
        $value = $this->numberOrNull($name);

        return $value === null ? null : (int) $value;
    }

    public function group(string $name): ?self
    {
        $value = $this->values[$name] ?? null;

        return $value instanceof self ? $value : null;
    }

    public function idOrNull(): ?string
    {
        $id = $this->values['id'] ?? null;

        return is_string($id) ? $id : null;
    }

    private static function undeclared(string $name): LogicException
    {
        return new LogicException("The calculator reads '$name' but its form does not declare it so.");
    }
}
