<?php

declare(strict_types=1);

namespace Underpin\Form\Type;

use Underpin\Form\Field;

/** One of a few words, each with what a person reads for it. */
final readonly class ChoiceType extends Type
{
    /** @param  array<array-key, string>  $options  by word, as a person reads it */
    public function __construct(public array $options)
    {
    }

    public function name(): string
    {
        return 'choice';
    }

    public function wanted(): string
    {
        return 'one of "'.implode('", "', $this->words()).'"';
    }

    public function read(Field $field, mixed $value): string
    {
        return is_string($value) && isset($this->options[$value]) ? $value : throw $field->refused($value);
    }

    public function schema(): array
    {
        return ['type' => 'string', 'enum' => $this->words()];
    }

    public function describe(): array
    {
        return ['choices' => $this->words()];
    }

    /** @return list<string> */
    private function words(): array
    {
        return array_map(strval(...), array_keys($this->options));
    }

    public function options(): array
    {
        return $this->options;
    }
}
