<?php

declare(strict_types=1);

namespace Underpin\Form\Type;

use Underpin\Csv\Number;
use Underpin\Form\Field;
use Underpin\Form\Unit;

/** A finite number within its limits; at least 0 unless said otherwise. */
final readonly class NumberType extends Type
{
    /** What no quantity of a house reaches; anything beyond is a typing error. */
    private const ABSURD = 1e9;

    public function __construct(
        public ?Unit $unit = null,
        private float $atLeast = 0.0,
        private ?float $over = null,
        private ?float $atMost = null,
        private string $kind = 'number',
    ) {
    }

    /** One that must be whole. */
    public static function whole(): self
    {
        return new self(kind: 'whole number');
    }

    public function name(): string
    {
        return $this->kind;
    }

    public function of(Unit $unit): self
    {
        return new self($unit, $this->atLeast, $this->over, $this->atMost, $this->kind);
    }

    public function atLeast(float $limit): self
    {
        return new self($this->unit, $limit, null, $this->atMost, $this->kind);
    }

    public function over(float $limit): self
    {
        return new self($this->unit, $this->atLeast, $limit, $this->atMost, $this->kind);
    }

    public function atMost(float $limit): self
    {
        return new self($this->unit, $this->atLeast, $this->over, $limit, $this->kind);
    }

    public function wanted(): string
    {
        $said = $this->unit === null ? "a $this->kind" : "a $this->kind of {$this->unit->words()}";
        $most = $this->atMost === null ? '1e9' : self::figure($this->atMost);

        return $this->over === null
            ? $said.' from '.self::figure($this->atLeast)." to $most"
            : $said.' over '.self::figure($this->over)." and at most $most";
    }

    public function read(Field $field, mixed $value): float|int
    {
        $number = is_int($value) || is_float($value) ? (float) $value : throw $field->refused($value);
        $fits = is_finite($number) && abs($number) <= self::ABSURD
            && ($this->over === null ? $number >= $this->atLeast : $number > $this->over)
            && ($this->atMost === null || $number <= $this->atMost)
            && ($this->kind === 'number' || floor($number) === $number);
        if (! $fits) {
            throw $field->refused($value);
        }

        return $this->kind === 'number' ? $number : (int) $number;
    }

    public function fromText(string $text): mixed
    {
        return $text === '' ? null : ($this->unit === null ? Number::read($text) : $this->unit->read($text)) ?? $text;
    }

    public function schema(): array
    {
        return array_filter([
            'type' => $this->kind === 'number' ? 'number' : 'integer',
            'minimum' => $this->over === null ? $this->atLeast : null,
            'exclusiveMinimum' => $this->over,
            'maximum' => $this->atMost ?? self::ABSURD,
        ], fn (string|float|null $limit): bool => $limit !== null);
    }

    public function describe(): array
    {
        return [
            ...($this->unit === null ? [] : ['unit' => $this->unit->value]),
            $this->over === null ? 'at_least' : 'over' => $this->over ?? $this->atLeast,
            ...($this->atMost === null ? [] : ['at_most' => $this->atMost]),
        ];
    }

    private static function figure(float $limit): string
    {
        return floor($limit) === $limit && abs($limit) < 1e9 ? number_format($limit) : (string) $limit;
    }
}
