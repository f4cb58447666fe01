<?php

declare(strict_types=1);

namespace Underpin\Form\Type;

use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Values;

/** An object with fields of its own, or false: there is none. */
final readonly class GroupOrNoneType extends Type
{
    private GroupType $group;

    public function __construct(Form $form)
    {
        $this->group = new GroupType($form);
    }

    public function name(): string
    {
        return 'object or false';
    }

    public function wanted(): string
    {
        return 'an object with named fields, or false where there is none';
    }

    public function read(Field $field, mixed $value): false|Values
    {
        return match (true) {
            $value === false => false,
            is_object($value) => $this->group->read($field, $value),
            default => throw $field->refused($value),
        };
    }

    public function faults(Field $field, mixed $value): array
    {
        return is_object($value) ? $this->group->faults($field, $value) : parent::faults($field, $value);
    }

    public function schema(): array
    {
        return ['oneOf' => [$this->group->schema(), ['const' => false]]];
    }

    public function describe(): array
    {
        return $this->group->describe();
    }
}
