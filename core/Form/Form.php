<?php

declare(strict_types=1);

namespace Underpin\Form;

use LogicException;
use stdClass;
use Underpin\Refused;

/** The fields of one object of input. A field that is not named here is refused. */
final readonly class Form
{
    /** @var list<Field> */
    private array $fields;

    /** @var array<string, Field> the same by name: a value of its own looks its limits up whenever it is made */
    private array $byName;

    public function __construct(Field ...$fields)
    {
        $this->fields = array_values($fields);
        $this->byName = array_column($this->fields, null, 'name');
    }

    /** The same fields, but only those named here. */
    public function only(string ...$names): self
    {
        return new self(...array_map($this->field(...), $names));
    }

    /** These fields and those of another. */
    public function and(Field ...$more): self
    {
        return new self(...$this->fields, ...$more);
    }

    public function field(string $name): Field
    {
        return $this->byName[$name] ?? throw new LogicException("There is no field '$name' here.");
    }

    /** @return list<Field> */
    public function fields(): array
    {
        return $this->fields;
    }

    /**
     * What a value's own constructor checks: the limits of its fields, where they stand once.
     *
     * @param  array<string, mixed>  $values  by field; null: not known
     *
     * @throws Refused naming the first field at fault
     */
    public function guard(array $values): void
    {
        foreach ($values as $name => $value) {
            if ($value !== null) {
                $field = $this->byName[$name];
                $field->type->read($field, $value);
            }
        }
    }

    /** @throws Refused naming the first field at fault */
    public function read(mixed $case): Values
    {
        if (! $case instanceof stdClass) {
            throw self::notAnObject();
        }
        foreach ($this->unknown($case) as $refused) {
            throw $refused;
        }
        $given = get_object_vars($case);
        $values = [];
        foreach ($this->fields as $field) {
            $values[$field->name] = $field->read($given[$field->name] ?? null);
        }

        return new Values($values);
    }

    /**
     * All that is wrong, field by field.
     *
     * @return list<Refused>
     */
    public function faults(mixed $case): array
    {
        if (! $case instanceof stdClass) {
            return [self::notAnObject()];
        }
        $faults = $this->unknown($case);
        $given = get_object_vars($case);
        foreach ($this->fields as $field) {
            array_push($faults, ...$field->faults($given[$field->name] ?? null));
        }

        return $faults;
    }

    /** @return array<string, mixed> JSON Schema (draft 2020-12) of an object with these fields */
    public function schema(): array
    {
        $properties = [];
        $required = [];
        foreach ($this->fields as $field) {
            $properties[$field->name] = $field->schema();
            if ($field->required) {
                $required[] = $field->name;
            }
        }

        return ['type' => 'object', 'properties' => $properties, 'required' => $required, 'additionalProperties' => false];
    }

    /** @return list<array<string, mixed>> */
    public function describe(): array
    {
        return array_map(fn (Field $field): array => $field->describe(), $this->fields);
    }

    /** @return list<Refused> */
    private function unknown(stdClass $case): array
    {
        $names = array_map(fn (Field $field): string => $field->name, $this->fields);
        $unknown = array_diff(array_map(strval(...), array_keys(get_object_vars($case))), $names);

        return array_values(array_map(
            fn (string $name): Refused => new Refused($name, "$name is not a field here. Known: ".implode(', ', $names).'.'),
            $unknown,
        ));
    }

    private static function notAnObject(): Refused
    {
        return new Refused('', 'It must be an object with named fields.');
    }
}
