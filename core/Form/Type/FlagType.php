<?php

declare(strict_types=1);

namespace Underpin\Form\Type;

use Underpin\Form\Field;

/** True or false. */
final readonly class FlagType extends Type
{
    private const WORDS = [
        '1' => true, 'yes' => true, 'on' => true, 'true' => true,
        '0' => false, 'no' => false, 'off' => false, 'false' => false,
    ];

    public function __construct(public string $yes = 'yes', public string $no = 'no')
    {
    }

    public function name(): string
    {
        return 'true or false';
    }

    public function wanted(): string
    {
        return 'true or false';
    }

    public function read(Field $field, mixed $value): bool
    {
        return is_bool($value) ? $value : throw $field->refused($value);
    }

    public function fromText(string $text): mixed
    {
        return $text === '' ? null : self::WORDS[$text] ?? $text;
    }

    public function schema(): array
    {
        return ['type' => 'boolean'];
    }

    public function options(): array
    {
        return [1 => $this->yes, 0 => $this->no];
    }
}
