<?php

declare(strict_types=1);

namespace Underpin\Form\Type;

use Underpin\Form\Field;

/**
 * The id of a thing of a job file: it stands in addresses and pages and is compared by the database, so it
 * is plain letters and digits, and two that differ only by case are the same.
 */
final readonly class KeyType extends Type
{
    private const PATTERN = '^[A-Za-z0-9][A-Za-z0-9_-]*$';

    public function __construct(private int $longest)
    {
    }

    public function name(): string
    {
        return 'id';
    }

    public function wanted(): string
    {
        return "1 to $this->longest letters, digits, - and _, a letter or digit first";
    }

    public function read(Field $field, mixed $value): string
    {
        return is_string($value) && strlen($value) <= $this->longest && preg_match('/'.self::PATTERN.'/D', $value) === 1
            ? $value
            : throw $field->refused($value);
    }

    public function alike(string $id): string
    {
        return strtolower($id);
    }

    public function schema(): array
    {
        return ['type' => 'string', 'pattern' => self::PATTERN, 'maxLength' => $this->longest];
    }

    public function describe(): array
    {
        return ['at_most' => $this->longest];
    }
}
