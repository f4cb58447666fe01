<?php

declare(strict_types=1);

namespace Underpin\Form\Type;

use Underpin\Form\Field;

/** Text that may be empty, up to a length. */
final readonly class TextType extends Type
{
    public function __construct(public int $longest = 2000)
    {
    }

    public function name(): string
    {
        return 'free text';
    }

    public function atMost(float $limit): self
    {
        return new self((int) $limit);
    }

    public function wanted(): string
    {
        return 'text of at most '.number_format($this->longest).' characters';
    }

    public function read(Field $field, mixed $value): string
    {
        if ($value === '' && $field->required) {
            throw $field->missing();
        }

        // No text has more characters than bytes.
        $fits = is_string($value) && (strlen($value) <= $this->longest || mb_strlen($value) <= $this->longest);

        return $fits ? $value : throw $field->refused($value);
    }

    public function fromText(string $text): mixed
    {
        return $text;
    }

    public function schema(): array
    {
        return ['type' => 'string', 'maxLength' => $this->longest];
    }

    public function describe(): array
    {
        return ['at_most' => $this->longest];
    }
}
