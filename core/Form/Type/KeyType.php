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

    /** of what is made of several ids, with : and . between them */
    private const MADE_PATTERN = '^[A-Za-z0-9][A-Za-z0-9_.:-]*$';

    public function __construct(private int $longest, private string $pattern = self::PATTERN)
    {
    }

    /** Made of ids of other things, with : and . between them. */
    public static function made(int $longest): self
    {
        return new self($longest, self::MADE_PATTERN);
    }

    public function name(): string
    {
        return 'id';
    }

    public function wanted(): string
    {
        $signs = $this->pattern === self::PATTERN ? '- and _' : '-, _, : and .';

        return "1 to $this->longest letters, digits, $signs, a letter or digit first";
    }

    public function read(Field $field, mixed $value): string
    {
        return is_string($value) && strlen($value) <= $this->longest && preg_match("/$this->pattern/D", $value) === 1
            ? $value
            : throw $field->refused($value);
    }

    public function alike(string $id): string
    {
        return strtolower($id);
    }

    public function schema(): array
    {
        return ['type' => 'string', 'pattern' => $this->pattern, 'maxLength' => $this->longest];
    }

    public function describe(): array
    {
        return ['at_most' => $this->longest];
    }
}
