<?php

declare(strict_types=1);

namespace Underpin\Form\Type;

use Underpin\Form\Field;

/** A minute of a day, by the clock of where it was, as YYYY-MM-DD HH:MM. */
final readonly class MinuteType extends Type
{
    private const PATTERN = '^[0-9]{4}-[0-9]{2}-[0-9]{2} ([01][0-9]|2[0-3]):[0-5][0-9]$';

    public function name(): string
    {
        return 'minute';
    }

    public function wanted(): string
    {
        return 'a day of the calendar and a minute, written as YYYY-MM-DD HH:MM';
    }

    public function read(Field $field, mixed $value): string
    {
        $isMinute = is_string($value) && preg_match('/'.self::PATTERN.'/D', $value) === 1;

        return $isMinute && checkdate((int) substr($value, 5, 2), (int) substr($value, 8, 2), (int) substr($value, 0, 4))
            ? $value : throw $field->refused($value);
    }

    public function fromText(string $text): mixed
    {
        return $text;
    }

    public function schema(): array
    {
        return ['type' => 'string', 'pattern' => self::PATTERN];
    }
}
