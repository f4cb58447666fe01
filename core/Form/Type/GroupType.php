<?php

declare(strict_types=1);

namespace Underpin\Form\Type;

use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Values;
use Underpin\Refused;

/** An object with fields of its own. */
final readonly class GroupType extends Type
{
    public function __construct(private Form $form)
    {
    }

    public function name(): string
    {
        return 'object';
    }

    public function wanted(): string
    {
        return 'an object with named fields';
    }

    public function read(Field $field, mixed $value): Values
    {
        try {
            return $this->form->read($value);
        } catch (Refused $refused) {
            throw $refused->within($field->name);
        }
    }

    public function faults(Field $field, mixed $value): array
    {
        return array_map(fn (Refused $fault): Refused => $fault->within($field->name), $this->form->faults($value));
    }

    public function schema(): array
    {
        return $this->form->schema();
    }

    public function describe(): array
    {
        return ['items' => $this->form->describe()];
    }
}
