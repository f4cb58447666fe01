<?php

declare(strict_types=1);

namespace Underpin\Form\Type;

use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Values;
use Underpin\Refused;

/** A list of objects, whose ids are unique where they have one. */
final readonly class ItemsType extends Type
{
    public function __construct(private Form $form, private ?int $most = null)
    {
    }

    public function name(): string
    {
        return 'list';
    }

    public function atMost(float $limit): self
    {
        return new self($this->form, (int) $limit);
    }

    public function wanted(): string
    {
        return $this->most === null ? 'a list' : "a list of at most $this->most";
    }

    /** @return list<Values> */
    public function read(Field $field, mixed $value): array
    {
        if (! is_array($value) || ($this->most !== null && count($value) > $this->most)) {
            throw $field->refused($value);
        }
        $read = [];
        $seen = [];
        foreach (array_values($value) as $i => $item) {
            try {
                $values = $this->form->read($item);
                $id = $values->idOrNull();
                $key = $id === null ? null : $this->form->field('id')->type->alike($id);
                if ($key !== null && isset($seen["id $key"])) {
                    throw new Refused('id', "id: \"$id\" stands twice in $field->label.");
                }
                $seen["id $key"] = true;
                $read[] = $values;
            } catch (Refused $refused) {
                throw $refused->within("$field->name.$i");
            }
        }

        return $read;
    }

    public function faults(Field $field, mixed $value): array
    {
        $faults = [];
        foreach (is_array($value) ? array_values($value) : [] as $i => $item) {
            foreach ($this->form->faults($item) as $fault) {
                $faults[] = $fault->within("$field->name.$i");
            }
        }

        return $faults === [] ? parent::faults($field, $value) : $faults;
    }

    public function schema(): array
    {
        return ['type' => 'array', 'items' => $this->form->schema(), ...($this->most === null ? [] : ['maxItems' => $this->most])];
    }

    public function describe(): array
    {
        return [...($this->most === null ? [] : ['at_most_items' => $this->most]), 'items' => $this->form->describe()];
    }
}
