<?php

declare(strict_types=1);

namespace Underpin\Form\Type;

use Underpin\Csv\Number;
use Underpin\Form\Field;

/** One of a few whole numbers. */
final readonly class NumberChoiceType extends Type
{
    /** @param  array<int, string>  $options  by number, as a person reads it */
    public function __construct(public array $options)
    {
    }

    /** @param  list<int>  $numbers */
    public static function plain(array $numbers): self
    {
        return new self(array_combine($numbers, array_map(strval(...), $numbers)));
    }

    public function name(): string
    {
        return 'number choice';
    }

    public function wanted(): string
    {
        return 'one of the numbers '.implode(', ', array_keys($this->options));
    }

    public function read(Field $field, mixed $value): int
    {
        $whole = is_int($value) || (is_float($value) && floor($value) === $value && abs($value) < 1e9) ? (int) $value : null;

        return $whole !== null && isset($this->options[$whole]) ? $whole : throw $field->refused($value);
    }

    public function fromText(string $text): mixed
    {
        return $text === '' ? null : Number::read($text) ?? $text;
    }

    public function schema(): array
    {
        return ['type' => 'integer', 'enum' => array_keys($this->options)];
    }

    public function describe(): array
    {
        return ['choices' => array_keys($this->options)];
    }

    public function options(): array
    {
        return $this->options;
    }
}
