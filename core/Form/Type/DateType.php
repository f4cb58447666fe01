<?php

declare(strict_types=1);

namespace Underpin\Form\Type;

use Underpin\Form\Field;

/** A day of the calendar as YYYY-MM-DD, or empty where it is not known. */
final readonly class DateType extends Type
{
    public function name(): string
    {
        return 'date';
    }

    public function wanted(): string
    {
        return 'a day of the calendar, written as YYYY-MM-DD';
    }

    public function read(Field $field, mixed $value): string
    {
        return is_string($value) && ($value === '' || self::exists($value)) ? $value : throw $field->refused($value);
    }

    public function fromText(string $text): mixed
    {
        return $text;
    }

    public function schema(): array
    {
        return ['type' => 'string', 'maxLength' => 10];
    }

    private static function exists(string $day): bool
    {
        return preg_match('/^(\d{4})-(\d\d)-(\d\d)$/D', $day, $found) === 1 && checkdate((int) $found[2], (int) $found[3], (int) $found[1]);
    }
}
