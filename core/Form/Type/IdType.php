<?php

declare(strict_types=1);

namespace Underpin\Form\Type;

use Underpin\Form\Field;

/** The name of a thing in its list: text that is not empty, and comes back unchanged. */
final readonly class IdType extends Type
{
    public function __construct(private ?int $longest = null)
    {
    }

    public function name(): string
    {
        return 'id';
    }

    public function atMost(float $limit): self
    {
        return new self((int) $limit);
    }

    public function wanted(): string
    {
        return $this->longest === null ? 'text that is not empty' : "text of 1 to $this->longest characters";
    }

    public function read(Field $field, mixed $value): string
    {
        return is_string($value) && $value !== '' && ($this->longest === null || mb_strlen($value) <= $this->longest)
            ? $value
            : throw $field->refused($value);
    }

    public function schema(): array
    {
        return ['type' => 'string', 'minLength' => 1, ...($this->longest === null ? [] : ['maxLength' => $this->longest])];
    }

    public function describe(): array
    {
        return $this->longest === null ? [] : ['at_most' => $this->longest];
    }
}
