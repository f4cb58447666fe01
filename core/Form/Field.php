<?php

declare(strict_types=1);

namespace Underpin\Form;

use BackedEnum;
use Underpin\Form\Type\ChoiceType;
use Underpin\Form\Type\DateType;
use Underpin\Form\Type\DayType;
use Underpin\Form\Type\FlagType;
use Underpin\Form\Type\GroupType;
use Underpin\Form\Type\IdType;
use Underpin\Form\Type\ItemsType;
use Underpin\Form\Type\KeyType;
use Underpin\Form\Type\MinuteType;
use Underpin\Form\Type\NumberChoiceType;
use Underpin\Form\Type\NumbersType;
use Underpin\Form\Type\NumberType;
use Underpin\Form\Type\PointsType;
use Underpin\Form\Type\TextType;
use Underpin\Form\Type\Type;
use Underpin\Geometry\Point;
use Underpin\Refused;

/**
 * One named input: its type, limits and default, and what a screen calls it. The same object reads
 * the value, refuses a bad one by name, describes itself for `--describe`, labels the input of a
 * page, and writes its part of a JSON Schema.
 */
final readonly class Field
{
    /** Characters of what was given that a refusal repeats. */
    private const LONGEST_GIVEN = 40;

    private function __construct(
        public string $name,
        public Type $type,
        public string $meaning,
        public string $label,
        public bool $required = true,
        public float|int|string|bool|null $default = null,
        public ?string $defaultWords = null,
        private string $hint = '',
    ) {
    }

    public static function of(string $name, Type $type, string $meaning): self
    {
        return new self($name, $type, $meaning, $name);
    }

    public static function number(string $name, string $meaning): self
    {
        return self::of($name, new NumberType, $meaning);
    }

    public static function whole(string $name, string $meaning): self
    {
        return self::of($name, NumberType::whole(), $meaning);
    }

    public static function id(string $name = 'id'): self
    {
        return self::of($name, new IdType, 'unique in its list; comes back unchanged');
    }

    /** The id of a thing of a job file: plain letters and digits, compared whatever their case. */
    public static function key(int $longest, string $name = 'id'): self
    {
        return self::of($name, new KeyType($longest), 'unique in its list, whatever its case; comes back unchanged');
    }

    /** The key of something that follows from a job, made of the ids of what it follows from. */
    public static function madeKey(int $longest, string $name = 'id'): self
    {
        return self::of($name, KeyType::made($longest), 'unique in its list, whatever its case; comes back unchanged');
    }

    /** @param  list<string>|array<string, string>  $choices  plain words, or words with what a person reads for them */
    public static function choice(string $name, string $meaning, array $choices): self
    {
        $options = [];
        foreach ($choices as $word => $read) {
            $options[is_string($word) ? $word : $read] = $read;
        }

        return self::of($name, new ChoiceType($options), $meaning);
    }

    /**
     * A case of an enum of strings, read as words() says it where it has that.
     *
     * @param  class-string<BackedEnum>  $enum
     */
    public static function enum(string $name, string $meaning, string $enum): self
    {
        $options = [];
        foreach ($enum::cases() as $case) {
            $words = method_exists($case, 'words') ? $case->words() : $case->value;
            $options[(string) $case->value] = is_string($words) ? $words : (string) $case->value;
        }

        return self::of($name, new ChoiceType($options), $meaning);
    }

    /** @param  list<int>|array<int, string>  $choices  plain numbers, or numbers with what a person reads for them */
    public static function numberChoice(string $name, string $meaning, array $choices): self
    {
        $plain = array_values(array_filter($choices, is_int(...)));
        $words = array_filter($choices, is_string(...));

        return self::of($name, $plain === [] ? new NumberChoiceType($words) : NumberChoiceType::plain($plain), $meaning);
    }

    public static function flag(string $name, string $meaning, string $yes = 'yes', string $no = 'no'): self
    {
        return self::of($name, new FlagType($yes, $no), $meaning);
    }

    /** Text that may be empty; `atMost` limits its length. */
    public static function text(string $name, string $meaning): self
    {
        return self::of($name, new TextType, $meaning)->default('');
    }

    /** A day, or empty. */
    public static function date(string $name, string $meaning): self
    {
        return self::of($name, new DateType, $meaning)->default('');
    }

    /** A day that must be given. */
    public static function day(string $name, string $meaning): self
    {
        return self::of($name, new DayType, $meaning);
    }

    /** A minute of a day. */
    public static function minute(string $name, string $meaning): self
    {
        return self::of($name, new MinuteType, $meaning);
    }

    /** An object of its own. */
    public static function group(string $name, string $meaning, Form $form): self
    {
        return self::of($name, new GroupType($form), $meaning);
    }

    /** A list of plain numbers; `atMost` limits how many. */
    public static function numbers(string $name, string $meaning): self
    {
        return self::of($name, new NumbersType, $meaning);
    }

    /** A list of places in feet; `atLeast` and `atMost` limit how many. */
    public static function points(string $name, string $meaning): self
    {
        return self::of($name, new PointsType, $meaning);
    }

    /** A list of objects; `atMost` limits how many. */
    public static function items(string $name, string $meaning, Form $items): self
    {
        return self::of($name, new ItemsType($items), $meaning);
    }

    /** The same field under another name, where a form holds two of a kind. */
    public function named(string $name): self
    {
        return $this->with(['name' => $name]);
    }

    /** What the screens call it, and so every refusal. */
    public function label(string $label): self
    {
        return $this->with(['label' => $label]);
    }

    /** What its number counts. */
    public function in(Unit $unit): self
    {
        return $this->with(
            ['type' => $this->type instanceof NumberType || $this->type instanceof NumbersType ? $this->type->of($unit) : $this->type]
        );
    }

    public function unit(): ?Unit
    {
        return $this->type instanceof NumberType ? $this->type->unit : null;
    }

    /**
     * What can be picked, with what a person reads for each, and for leaving it open.
     *
     * @return ?array<array-key, string> null: it is typed
     */
    public function options(): ?array
    {
        $options = $this->type->options();
        $mayBeOpen = ! $this->required && $this->default === null;

        return $options !== null && $mayBeOpen ? ['' => (string) $this->defaultWords] + $options : $options;
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
        return $this->with(['type' => $this->type->atLeast($limit)]);
    }

    public function over(float $limit): self
    {
        return $this->with(['type' => $this->type->over($limit)]);
    }

    public function atMost(float $limit): self
    {
        return $this->with(['type' => $this->type->atMost($limit)]);
    }

    /** The field of one element of a list of plain values. */
    public function at(int $place, Type $type): self
    {
        return $this->with(['name' => "$this->name.$place", 'label' => "$this->label ".($place + 1), 'type' => $type]);
    }

    /**
     * @return float|int|string|bool|Values|list<Values>|list<float>|list<Point>|null
     *
     * @throws Refused naming this field
     */
    public function read(mixed $value): float|int|string|bool|array|Values|null
    {
        if ($value === null) {
            return $this->required ? throw $this->missing() : $this->default;
        }

        return $this->type->read($this, $value);
    }

    /**
     * All that is wrong with a value, not only the first thing.
     *
     * @return list<Refused>
     */
    public function faults(mixed $value): array
    {
        if ($value === null) {
            return $this->required ? [$this->missing()] : [];
        }

        return $this->type->faults($this, $value);
    }

    /** @return array<string, mixed> this field as JSON Schema (draft 2020-12) */
    public function schema(): array
    {
        $schema = $this->type->schema();
        if (! $this->required && isset($schema['type'])) {
            $schema['type'] = [$schema['type'], 'null'];
            if (isset($schema['enum']) && is_array($schema['enum'])) {
                $schema['enum'] = [...$schema['enum'], null];
            }
        }

        return ['description' => $this->meaning, ...$schema];
    }

    /** @return array<string, mixed> */
    public function describe(): array
    {
        $about = ['name' => $this->name, 'type' => $this->type->name(), 'meaning' => $this->meaning, 'required' => $this->required];
        if ($this->default !== null || $this->defaultWords !== null) {
            $about['default'] = $this->defaultWords ?? $this->default;
        }

        return [...$about, ...$this->type->describe()];
    }

    /** What was given and what would be taken. */
    public function refused(mixed $given): Refused
    {
        return new Refused(
            $this->name, trim("$this->label must be {$this->type->wanted()}; ".self::said($given)." was given. $this->hint"),
        );
    }

    public function missing(): Refused
    {
        return new Refused($this->name, trim("$this->label is missing: it must be {$this->type->wanted()}. $this->hint"));
    }

    private static function said(mixed $given): string
    {
        return match (true) {
            is_string($given) => '"'.mb_strimwidth($given, 0, self::LONGEST_GIVEN, '…').'"',
            is_bool($given) => $given ? 'true' : 'false',
            is_int($given), is_float($given) => (string) $given,
            is_array($given) => 'a list of '.count($given),
            default => 'an object',
        };
    }

    /** @param  array<string, mixed>  $changes */
    private function with(array $changes): self
    {
        /** @phpstan-ignore argument.type (the names and types are this class's own) */
        return new self(...[...get_object_vars($this), ...$changes]);
    }
}
