<?php

declare(strict_types=1);

namespace Underpin\Form\Type;

use LogicException;
use Underpin\Form\Field;
use Underpin\Form\Values;
use Underpin\Geometry\Point;
use Underpin\Refused;

/** What sort of value a field takes: how it is read, refused, described and shown. */
abstract readonly class Type
{
    /** As `--describe` names it. */
    abstract public function name(): string;

    /** What would be taken, to end the sentence "Main breaker must be …". */
    abstract public function wanted(): string;

    /**
     * @return float|int|string|bool|Values|list<Values>|list<float>|list<Point>
     *
     * @throws Refused naming the field, or what is at fault inside it
     */
    abstract public function read(Field $field, mixed $value): float|int|string|bool|array|Values;

    /** @return array<string, mixed> JSON Schema (draft 2020-12) of such a value */
    abstract public function schema(): array;

    /** What the text of a browser's form stands for; text that is no such value stays text and is refused when it is read. */
    public function fromText(string $text): mixed
    {
        return $text === '' ? null : $text;
    }

    /** The same for ids that are the same to whoever keeps them. */
    public function alike(string $id): string
    {
        return $id;
    }

    /** @return array<string, mixed> limits and choices, for `--describe` */
    public function describe(): array
    {
        return [];
    }

    /**
     * All that is wrong with a value, not only the first thing.
     *
     * @return list<Refused>
     */
    public function faults(Field $field, mixed $value): array
    {
        try {
            $this->read($field, $value);
        } catch (Refused $refused) {
            return [$refused];
        }

        return [];
    }

    public function atLeast(float $limit): self
    {
        throw new LogicException("A {$this->name()} has no least.");
    }

    public function over(float $limit): self
    {
        throw new LogicException("A {$this->name()} has no least.");
    }

    public function atMost(float $limit): self
    {
        throw new LogicException("A {$this->name()} has no most.");
    }

    /** @return ?array<array-key, string> what can be picked, each with what a person reads for it; null: it is typed */
    public function options(): ?array
    {
        return null;
    }
}
