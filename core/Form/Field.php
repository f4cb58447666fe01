<?php

declare(strict_types=1);

namespace Underpin\Form;

use BackedEnum;
use LogicException;
use Underpin\Refused;

/**
 * One named input: its type, limits and default. The same object reads the value, refuses a
 * bad one by name, describes itself for `--describe`, and writes its part of a JSON Schema.
 */
final readonly class Field
{
    /** What no quantity of a house reaches; anything beyond is a typing error. */
    private const ABSURD = 1e9;

    /**
     * @param  list<string>|list<int>  $choices
     */
    private function __construct(
        public string $name,
        public FieldType $type,
        public string $meaning,
        public bool $required = true,
        public float|int|string|bool|null $default = null,
        public ?string $defaultWords = null,
        private float $atLeast = 0.0,
        private ?float $over = null,
        private ?float $atMost = null,
        public array $choices = [],
        public ?Form $items = null,
        private string $hint = '',
    ) {
    }

    public static function number(string $name, string $meaning): self
    {
        return new self($name, FieldType::Number, $meaning);
    }

    public static function whole(string $name, string $meaning): self
    {
        return new self($name, FieldType::Whole, $meaning);
    }

    public static function id(string $name = 'id'): self
    {
        return new self($name, FieldType::Id, 'unique in its list; comes back unchanged');
    }

    /** @param  list<string>  $choices */
    public static function choice(string $name, string $meaning, array $choices): self
    {
        return new self($name, FieldType::Choice, $meaning, choices: $choices);
    }

    /** @param  class-string<BackedEnum>  $enum  of strings */
    public static function enum(string $name, string $meaning, string $enum): self
    {
        return self::choice($name, $meaning, array_map(fn (BackedEnum $case): string => (string) $case->value, $enum::cases()));
    }

    /** @param  list<int>  $choices */
    public static function numberChoice(string $name, string $meaning, array $choices): self
    {
        return new self($name, FieldType::NumberChoice, $meaning, choices: $choices);
    }

    public static function flag(string $name, string $meaning): self
    {
        return new self($name, FieldType::Flag, $meaning);
    }

    /** Text that may be empty; `atMost` limits its length. */
    public static function text(string $name, string $meaning): self
    {
        return (new self($name, FieldType::FreeText, $meaning))->atMost(2000)->default('');
    }

    /** An object of its own. */
    public static function group(string $name, string $meaning, Form $form): self
    {
        return new self($name, FieldType::Group, $meaning, items: $form);
    }

    /** A list of plain numbers; `atMost` limits how many. */
    public static function numbers(string $name, string $meaning): self
    {
        return new self($name, FieldType::Numbers, $meaning);
    }

    /** A list of objects; `atMost` limits how many. */
    public static function items(string $name, string $meaning, Form $items): self
    {
        return new self($name, FieldType::Items, $meaning, items: $items);
    }

    public function required(): self
    {
        return $this->with(['required' => true, 'default' => null]);
    }

    public function default(float|int|string|bool $value): self
    {
        return $this->with(['required' => false, 'default' => $value]);
    }

    /** May be missing, with a default that depends on other fields and is said in words. */
    public function optional(string $defaultWords): self
    {
        return $this->with(['required' => false, 'defaultWords' => $defaultWords]);
    }

    /** Said with every refusal of this field: what to do instead. */
    public function hint(string $hint): self
    {
        return $this->with(['hint' => $hint]);
    }

    public function atLeast(float $limit): self
    {
        return $this->with(['atLeast' => $limit]);
    }

    public function over(float $limit): self
    {
        return $this->with(['over' => $limit]);
    }

    public function atMost(float $limit): self
    {
        return $this->with(['atMost' => $limit]);
    }

    /**
     * @return float|int|string|bool|Values|list<Values>|list<float>|null
     *
     * @throws Refused naming this field
     */
    public function read(mixed $value): float|int|string|bool|array|Values|null
    {
        if ($value === null) {
            return $this->required ? throw $this->refused('is missing') : $this->default;
        }

        return match ($this->type) {
            FieldType::Number => $this->readNumber($value),
            FieldType::Whole => (int) $this->readWhole($value),
            FieldType::Id => $this->readText($value),
            FieldType::Choice => $this->readChoice($value),
            FieldType::NumberChoice => $this->readNumberChoice($value),
            FieldType::Flag => is_bool($value) ? $value : throw $this->refused('must be true or false'),
            FieldType::Items => $this->readItems($value),
            FieldType::FreeText => $this->readFreeText($value),
            FieldType::Group => $this->readGroup($value),
            FieldType::Numbers => $this->readNumbers($value),
        };
    }

    /**
     * All that is wrong with a value, not only the first thing.
     *
     * @return list<Refused>
     */
    public function faults(mixed $value): array
    {
        if ($value !== null && $this->type === FieldType::Group) {
            return array_map(fn (Refused $fault): Refused => $fault->within($this->name), $this->form()->faults($value));
        }
        $faults = [];
        if ($this->type === FieldType::Items && is_array($value)) {
            foreach (array_values($value) as $i => $item) {
                foreach ($this->form()->faults($item) as $fault) {
                    $faults[] = $fault->within("$this->name.$i");
                }
            }
        }
        if ($faults === []) {
            try {
                $this->read($value);
            } catch (Refused $fault) {
                $faults[] = $fault;
            }
        }

        return $faults;
    }

    /**
     * This field as JSON Schema (draft 2020-12).
     *
     * @return array<string, mixed>
     */
    public function schema(): array
    {
        $number = array_filter([
            'minimum' => $this->over === null ? $this->atLeast : null,
            'exclusiveMinimum' => $this->over,
            'maximum' => $this->atMost ?? self::ABSURD,
        ], fn (?float $limit): bool => $limit !== null);
        $schema = match ($this->type) {
            FieldType::Number => ['type' => 'number', ...$number],
            FieldType::Whole => ['type' => 'integer', ...$number],
            FieldType::Id => array_filter(['type' => 'string', 'minLength' => 1, 'maxLength' => $this->atMost === null ? null : (int) $this->atMost], fn (mixed $each): bool => $each !== null),
            FieldType::FreeText => ['type' => 'string', 'maxLength' => (int) $this->atMost],
            FieldType::Choice => ['type' => 'string', 'enum' => $this->choices],
            FieldType::NumberChoice => ['type' => 'integer', 'enum' => $this->choices],
            FieldType::Flag => ['type' => 'boolean'],
            FieldType::Group => $this->form()->schema(),
            FieldType::Items => ['type' => 'array', 'items' => $this->form()->schema(), ...$this->mostItems()],
            FieldType::Numbers => ['type' => 'array', 'items' => ['type' => 'number'], ...$this->mostItems()],
        };
        if (! $this->required && isset($schema['type'])) {
            $schema['type'] = [$schema['type'], 'null'];
            if (isset($schema['enum']) && is_array($schema['enum'])) {
                $schema['enum'] = [...$schema['enum'], null];
            }
        }

        return ['description' => $this->meaning, ...$schema];
    }

    /** @return array<string, int> */
    private function mostItems(): array
    {
        return $this->atMost === null ? [] : ['maxItems' => (int) $this->atMost];
    }

    /** @return array<string, mixed> */
    public function describe(): array
    {
        $about = ['name' => $this->name, 'type' => $this->type->value, 'meaning' => $this->meaning, 'required' => $this->required];
        if ($this->default !== null || $this->defaultWords !== null) {
            $about['default'] = $this->defaultWords ?? $this->default;
        }
        if ($this->choices !== []) {
            $about['choices'] = $this->choices;
        }
        if (in_array($this->type, [FieldType::Number, FieldType::Whole], true)) {
            $about[$this->over === null ? 'at_least' : 'over'] = $this->over ?? $this->atLeast;
        }
        if ($this->atMost !== null) {
            $about[$this->type === FieldType::Items ? 'at_most_items' : 'at_most'] = $this->atMost;
        }
        if ($this->items !== null) {
            $about['items'] = $this->items->describe();
        }

        return $about;
    }

    private function readNumber(mixed $value): float
    {
        if (! is_int($value) && ! is_float($value)) {
            throw $this->refused('must be a number');
        }
        $number = (float) $value;
        if (! is_finite($number) || abs($number) > self::ABSURD) {
            throw $this->refused('must be a finite number of at most 1e9');
        }
        if ($this->over !== null && $number <= $this->over) {
            throw $this->refused("must be over $this->over");
        }
        if ($this->over === null && $number < $this->atLeast) {
            throw $this->refused("must be at least $this->atLeast");
        }
        if ($this->atMost !== null && $number > $this->atMost) {
            throw $this->refused("must be at most $this->atMost");
        }

        return $number;
    }

    private function readWhole(mixed $value): float
    {
        $number = $this->readNumber($value);

        return floor($number) === $number ? $number : throw $this->refused('must be a whole number');
    }

    private function readText(mixed $value): string
    {
        if (! is_string($value) || $value === '') {
            throw $this->refused('must be text that is not empty');
        }

        return $this->atMost === null || mb_strlen($value) <= $this->atMost ? $value : throw $this->refused("may have at most $this->atMost characters");
    }

    private function readChoice(mixed $value): string
    {
        return is_string($value) && in_array($value, $this->choices, true)
            ? $value
            : throw $this->refused('must be one of "'.implode('", "', $this->choices).'"');
    }

    private function readNumberChoice(mixed $value): int
    {
        $refused = $this->refused('must be one of the numbers '.implode(', ', $this->choices));
        if (! is_int($value) && ! is_float($value)) {
            throw $refused;
        }

        return in_array((float) $value, array_map(floatval(...), $this->choices), true) ? (int) $value : throw $refused;
    }

    /** @return list<Values> */
    private function readItems(mixed $value): array
    {
        if (! is_array($value)) {
            throw $this->refused('must be a list');
        }
        if ($this->atMost !== null && count($value) > $this->atMost) {
            throw $this->refused(sprintf('may hold at most %d; %d were given', $this->atMost, count($value)));
        }
        $read = [];
        $seen = [];
        foreach (array_values($value) as $i => $item) {
            try {
                $values = $this->form()->read($item);
                $id = $values->idOrNull();
                if ($id !== null && isset($seen["id $id"])) {
                    throw new Refused('id', "id: \"$id\" stands twice in $this->name.");
                }
                $seen["id $id"] = true;
                $read[] = $values;
            } catch (Refused $refused) {
                throw $refused->within("$this->name.$i");
            }
        }

        return $read;
    }

    private function readFreeText(mixed $value): string
    {
        if (! is_string($value)) {
            throw $this->refused('must be text');
        }

        return mb_strlen($value) <= (int) $this->atMost ? $value : throw $this->refused("may have at most $this->atMost characters");
    }

    private function readGroup(mixed $value): Values
    {
        try {
            return $this->form()->read($value);
        } catch (Refused $refused) {
            throw $refused->within($this->name);
        }
    }

    /** @return list<float> */
    private function readNumbers(mixed $value): array
    {
        if (! is_array($value)) {
            throw $this->refused('must be a list of numbers');
        }
        if ($this->atMost !== null && count($value) > $this->atMost) {
            throw $this->refused(sprintf('may hold at most %d; %d were given', $this->atMost, count($value)));
        }
        $numbers = [];
        foreach (array_values($value) as $i => $number) {
            $numbers[] = self::number("$this->name.$i", $this->meaning)->atLeast($this->atLeast)->read($number);
        }

        /** @var list<float> $numbers */
        return $numbers;
    }

    private function form(): Form
    {
        return $this->items ?? throw new LogicException("$this->name has no fields of its own.");
    }

    private function refused(string $why): Refused
    {
        return new Refused($this->name, trim("$this->name $why. $this->hint"));
    }

    /** @param  array<string, mixed>  $changes */
    private function with(array $changes): self
    {
        /** @phpstan-ignore argument.type (the names and types are this class's own) */
        return new self(...[...get_object_vars($this), ...$changes]);
    }
}
