<?php

declare(strict_types=1);

namespace Underpin\Exchange;

use LogicException;

/**
 * What has changed between two states of a job, by part and key, in the terms of a job file. Things
 * with an id are known by it, so that a patch still fits when a part has gained a field since. The
 * same patch backwards takes the change back.
 */
final readonly class JobPatch
{
    /** Lists whose elements are known by their id; every other list is one value. */
    private const KEYED = [
        'panels', 'circuits', 'loads', 'disconnects', 'photos', 'recordings', 'intervals', 'buildings', 'openings', 'items',
        'lengths', 'quotes', 'extras', 'steps', 'sent', 'hours', 'ranges',
        'dry_runs', 'entries', 'services',
    ];

    /** Stands in the place of an id where the order of such a list has changed. */
    private const ORDER = '#order';

    /** @param  list<array{key: non-empty-list<string>, from: mixed, to: mixed}>  $changes  null: it is not there */
    private function __construct(public array $changes)
    {
    }

    /**
     * @param  array<string, mixed>  $old  by part
     * @param  array<string, mixed>  $new
     */
    public static function between(array $old, array $new): self
    {
        return new self(self::compare([], $old, $new));
    }

    /**
     * As it was kept.
     *
     * @param  array<mixed>  $changes
     */
    public static function of(array $changes): self
    {
        $read = [];
        foreach ($changes as $change) {
            $key = is_array($change) ? $change['key'] ?? null : null;
            if (! is_array($change) || ! is_array($key) || $key === []) {
                throw new LogicException('An event holds no patch.');
            }
            $names = array_map(fn (mixed $name): string => is_scalar($name) ? (string) $name : '', array_values($key));
            $read[] = ['key' => $names, 'from' => $change['from'] ?? null, 'to' => $change['to'] ?? null];
        }

        return new self($read);
    }

    public function isEmpty(): bool
    {
        return $this->changes === [];
    }

    public function backwards(): self
    {
        return new self(array_map(
            fn (array $c): array => ['key' => $c['key'], 'from' => $c['to'], 'to' => $c['from']],
            array_reverse($this->changes),
        ));
    }

    /**
     * Something at this place, above it or below it was changed.
     *
     * @param  list<string>  $key  part, ids and field
     */
    public function touches(array $key): bool
    {
        foreach ($this->changes as $change) {
            $depth = min(count($key), count($change['key']));
            if (array_slice($change['key'], 0, $depth) === array_slice($key, 0, $depth)) {
                return true;
            }
        }

        return false;
    }

    /** Nothing was changed beside these fields of circuits. */
    public function isWithinCircuits(string ...$fields): bool
    {
        foreach ($this->changes as $change) {
            [$part, , $circuits, , $field] = [...$change['key'], '', '', '', ''];
            if ($part !== 'panels' || $circuits !== 'circuits' || ! in_array($field, $fields, true)) {
                return false;
            }
        }

        return true;
    }

    /** Something of a panel was changed beside its circuits, or a panel came or went. */
    public function touchesPanels(): bool
    {
        foreach ($this->changes as $change) {
            [$part, , $circuits] = [...$change['key'], '', '', ''];
            if ($part === 'panels' && $circuits !== 'circuits') {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> ids of the circuits that were changed, added or removed */
    public function circuits(): array
    {
        $ids = [];
        foreach ($this->changes as $change) {
            [$part, , $circuits, $id] = [...$change['key'], '', '', ''];
            if ($part === 'panels' && $circuits === 'circuits' && $id !== self::ORDER) {
                $ids[] = $id;
            }
        }

        return array_values(array_unique($ids));
    }

    /**
     * @param  array<string, mixed>  $state  by part
     * @return array<string, mixed>
     */
    public function apply(array $state): array
    {
        // The order of a list is put right once everything that belongs into it is there.
        foreach ([false, true] as $orders) {
            foreach ($this->changes as $change) {
                if ((end($change['key']) === self::ORDER) === $orders) {
                    $state = self::put($state, $change['key'], $change['to']);
                }
            }
        }

        return $state;
    }

    /**
     * @param  list<string>  $at
     * @param  array<string, mixed>  $old
     * @param  array<string, mixed>  $new
     * @return list<array{key: non-empty-list<string>, from: mixed, to: mixed}>
     */
    private static function compare(array $at, array $old, array $new): array
    {
        $changes = [];
        foreach (array_keys($old + $new) as $name) {
            $from = $old[$name] ?? null;
            $to = $new[$name] ?? null;
            $key = [...$at, (string) $name];
            if ($from !== $to) {
                array_push($changes, ...match (true) {
                    in_array($name, self::KEYED, true) && is_array($from) && is_array($to) => self::compareKeyed($key, $from, $to),
                    is_array($from)
                        && is_array($to)
                        && ! array_is_list($from)
                        && ! array_is_list($to) => self::compare($key, self::named($from), self::named($to)),
                    default => [['key' => $key, 'from' => $from, 'to' => $to]],
                });
            }
        }

        return $changes;
    }

    /**
     * @param  non-empty-list<string>  $key
     * @param  array<mixed>  $old
     * @param  array<mixed>  $new
     * @return list<array{key: non-empty-list<string>, from: mixed, to: mixed}>
     */
    private static function compareKeyed(array $key, array $old, array $new): array
    {
        $was = self::byId($old);
        $is = self::byId($new);
        $changes = [];
        foreach (array_keys($was + $is) as $blankId) {
            $at = [...$key, substr($blankId, 1)];
            $from = $was[$blankId] ?? null;
            $to = $is[$blankId] ?? null;
            if ($from !== $to) {
                array_push(
                    $changes,
                    ...($from === null || $to === null ? [['key' => $at, 'from' => $from, 'to' => $to]] : self::compare($at, $from, $to)),
                );
            }
        }
        if (array_keys($was) !== array_keys($is)) {
            $changes[] = ['key' => [...$key, self::ORDER], 'from' => self::ids($was), 'to' => self::ids($is)];
        }

        return $changes;
    }

    /**
     * @param  array<string, mixed>  $into
     * @param  non-empty-list<string>  $key
     * @return array<string, mixed>
     */
    private static function put(array $into, array $key, mixed $value): array
    {
        $name = array_shift($key);
        if ($key === []) {
            return [...$into, $name => $value];
        }
        $below = is_array($into[$name] ?? null) ? $into[$name] : [];
        $into[$name] = in_array($name, self::KEYED, true)
            ? self::putKeyed($below, $key, $value)
            : self::put(self::named($below), $key, $value);

        return $into;
    }

    /**
     * @param  array<mixed>  $list
     * @param  non-empty-list<string>  $key
     * @return list<array<string, mixed>>
     */
    private static function putKeyed(array $list, array $key, mixed $value): array
    {
        $items = self::byId($list);
        $id = array_shift($key);
        if ($id === self::ORDER) {
            return self::ordered($items, is_array($value) ? $value : []);
        }
        $item = $key === [] ? $value : self::put($items[" $id"] ?? ['id' => $id], $key, $value);
        if (is_array($item)) {
            $items[" $id"] = self::named($item);
        } else {
            unset($items[" $id"]);
        }

        return array_values($items);
    }

    /**
     * @param  array<string, array<string, mixed>>  $items
     * @param  array<mixed>  $ids
     * @return list<array<string, mixed>>
     */
    private static function ordered(array $items, array $ids): array
    {
        $sorted = [];
        foreach ($ids as $id) {
            $blankId = ' '.(is_scalar($id) ? (string) $id : '');
            if (isset($items[$blankId])) {
                $sorted[$blankId] = $items[$blankId];
            }
        }

        return array_values($sorted + $items);
    }

    /**
     * @param  array<mixed>  $list
     * @return array<string, array<string, mixed>> by id with a blank before it: a number stays text then
     */
    private static function byId(array $list): array
    {
        $byId = [];
        foreach ($list as $item) {
            $id = is_array($item) ? $item['id'] ?? null : null;
            if (is_array($item) && is_scalar($id)) {
                $byId[" $id"] = self::named($item);
            }
        }

        return $byId;
    }

    /**
     * @param  array<string, mixed>  $byId
     * @return list<string>
     */
    private static function ids(array $byId): array
    {
        return array_map(fn (string $blankId): string => substr($blankId, 1), array_keys($byId));
    }

    /**
     * @param  array<mixed>  $object
     * @return array<string, mixed>
     */
    private static function named(array $object): array
    {
        $named = [];
        foreach ($object as $name => $value) {
            $named[(string) $name] = $value;
        }

        return $named;
    }
}
