<?php

declare(strict_types=1);

namespace Underpin\Form\Type;

use Underpin\Form\Field;

/** A day of the calendar as YYYY-MM-DD; one must be given. */
final readonly class DayType extends Type
{
    public function name(): string
    {
        return 'day';
    }

    public function wanted(): string
    {
        return (new DateType)->wanted();
    }

    public function read(Field $field, mixed $value): string
    {
        return $value === '' ? throw $field->refused($value) : (new DateType)->read($field, $value);
    }

    public function fromText(string $text): mixed
    {
        return $text === '' ? null : $text;
    }

    public function schema(): array
    {
        return ['type' => 'string', 'minLength' => 10, 'maxLength' => 10];
    }
}
