<?php

declare(strict_types=1);

namespace Underpin\Form\Type;

use Underpin\Csv\Number;
use Underpin\Form\Field;
use Underpin\Form\Unit;

/** A list of plain numbers of at least 0. */
final readonly class NumbersType extends Type
{
    public function __construct(private ?Unit $unit = null, private ?int $most = null)
    {
    }

    public function name(): string
    {
        return 'list of numbers';
    }

    public function of(Unit $unit): self
    {
        return new self($unit, $this->most);
    }

    public function atMost(float $limit): self
    {
        return new self($this->unit, (int) $limit);
    }

    public function wanted(): string
    {
        return $this->most === null ? 'a list of numbers' : "a list of at most $this->most numbers";
    }

    /** @return list<float> */
    public function read(Field $field, mixed $value): array
    {
        if (! is_array($value) || ($this->most !== null && count($value) > $this->most)) {
            throw $field->refused($value);
        }
        $numbers = [];
        foreach (array_values($value) as $i => $number) {
            $numbers[] = (float) $this->number()->read($field->at($i, $this->number()), $number);
        }

        return $numbers;
    }

    /** "8000, 12000", with a blank, a line or a semicolon between them. */
    public function fromText(string $text): mixed
    {
        $words = preg_split('/[;\s]+|,\s+|,$/', trim($text), -1, PREG_SPLIT_NO_EMPTY) ?: [];

        return array_map(fn (string $word): float|string => Number::read($word) ?? $word, $words);
    }

    public function schema(): array
    {
        return ['type' => 'array', 'items' => ['type' => 'number'], ...($this->most === null ? [] : ['maxItems' => $this->most])];
    }

    public function describe(): array
    {
        return $this->most === null ? [] : ['at_most' => $this->most];
    }

    private function number(): NumberType
    {
        return new NumberType($this->unit);
    }
}
