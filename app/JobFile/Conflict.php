<?php

declare(strict_types=1);

namespace App\JobFile;

use App\Models\Job;
use App\Models\JobEvent;
use RuntimeException;

/** Two people changed the same thing: what stands there now, and what was to be saved over it. */
final class Conflict extends RuntimeException
{
    /** Steps that are looked through for who changed it. */
    private const LOOKED_AT = 50;

    /**
     * @param  array<string, array{theirs: mixed, yours: mixed}>  $fields
     */
    private function __construct(public readonly array $fields, public readonly ?string $by, public readonly bool $gone)
    {
        parent::__construct('Somebody else has changed this in the meantime.');
    }

    /**
     * Lets an edit through only where the fields are still what the user saw, or already what the
     * user wants.
     *
     * @param  list<string>  $key  of what is edited, in the terms of a job file
     * @param  array<string, mixed>  $current  what stands there, by field
     * @param  array<string, mixed>  $was  what the page showed
     * @param  array<string, mixed>  $now  what is to be saved
     *
     * @throws self
     */
    public static function guard(Job $job, array $key, array $current, array $was, array $now): void
    {
        $fields = self::fields($current, $was, $now);
        if ($fields !== []) {
            throw new self($fields, self::words(self::lastChangeOf($job, $key)), false);
        }
    }

    /**
     * The same for what belongs to the shop.
     *
     * @param  array<string, mixed>  $current
     * @param  array<string, mixed>  $was
     * @param  array<string, mixed>  $now
     * @param  ?string  $by  who changed it last, when and how
     *
     * @throws self
     */
    public static function guardShop(array $current, array $was, array $now, ?string $by): void
    {
        $fields = self::fields($current, $was, $now);
        if ($fields !== []) {
            throw new self($fields, $by, false);
        }
    }

    /** What was to be changed is not there any more. */
    public static function gone(Job $job): self
    {
        return new self([], self::words($job->events()->orderByDesc('seq')->first()), true);
    }

    /**
     * @param  array<string, mixed>  $current
     * @param  array<string, mixed>  $was
     * @param  array<string, mixed>  $now
     * @return array<string, array{theirs: mixed, yours: mixed}>
     */
    private static function fields(array $current, array $was, array $now): array
    {
        $fields = [];
        foreach ($now as $field => $yours) {
            $theirs = $current[$field] ?? null;
            if (array_key_exists($field, $was) && ! self::same($theirs, $was[$field]) && ! self::same($theirs, $yours)) {
                $fields[$field] = ['theirs' => $theirs, 'yours' => $yours];
            }
        }

        return $fields;
    }

    private static function same(mixed $x, mixed $y): bool
    {
        return match (true) {
            is_bool($x) || is_bool($y) => $x === null || $y === null ? $x === $y : (bool) $x === (bool) $y,
            is_numeric($x) && is_numeric($y) => abs((float) $x - (float) $y) < 1e-9,
            default => ($x ?? '') === ($y ?? ''),
        };
    }

    /** @param  list<string>  $key */
    private static function lastChangeOf(Job $job, array $key): ?JobEvent
    {
        foreach ($job->events()->orderByDesc('seq')->limit(self::LOOKED_AT)->get() as $event) {
            if ($event->patch()->touches($key)) {
                return $event;
            }
        }

        return null;
    }

    private static function words(?JobEvent $event): ?string
    {
        return $event === null ? null : "$event->by, {$event->created_at->format('H:i')}: $event->label";
    }
}
