<?php

declare(strict_types=1);

namespace App\JobFile;

use App\Models\Job;
use App\Models\JobChange;
use Illuminate\Database\Eloquent\Model;
use RuntimeException;

/** Two people changed the same thing: what stands there now, and what was to be saved over it. */
final class Conflict extends RuntimeException
{
    /**
     * @param  array<string, array{theirs: mixed, yours: mixed}>  $fields
     */
    private function __construct(public readonly array $fields, public readonly ?JobChange $by, public readonly bool $gone)
    {
        parent::__construct('Somebody else has changed this in the meantime.');
    }

    /**
     * Lets an edit through only where the columns are still what the user saw, or already what
     * the user wants.
     *
     * @param  array<string, mixed>  $was  what the page showed, by column
     * @param  array<string, mixed>  $now  what is to be saved, by column
     *
     * @throws self
     */
    public static function guard(Job $job, Model $row, array $was, array $now): void
    {
        self::guardValues($job, $row, $row->only(array_keys($now)), $was, $now);
    }

    /**
     * The same for values that stand inside one column of a row.
     *
     * @param  array<string, mixed>  $current  what stands there, by name
     * @param  array<string, mixed>  $was
     * @param  array<string, mixed>  $now
     *
     * @throws self
     */
    public static function guardValues(Job $job, Model $row, array $current, array $was, array $now): void
    {
        $fields = [];
        foreach ($now as $column => $yours) {
            $theirs = $current[$column] ?? null;
            if (array_key_exists($column, $was) && ! self::same($theirs, $was[$column]) && ! self::same($theirs, $yours)) {
                $fields[$column] = ['theirs' => $theirs, 'yours' => $yours];
            }
        }
        if ($fields !== []) {
            throw new self($fields, self::lastChangeOf($job, $row), false);
        }
    }

    /** The row is not there any more. */
    public static function gone(Job $job): self
    {
        return new self([], $job->changes()->with('user')->where('seq', $job->history_at)->first(), true);
    }

    private static function same(mixed $x, mixed $y): bool
    {
        return match (true) {
            is_bool($x) || is_bool($y) => $x === null || $y === null ? $x === $y : (bool) $x === (bool) $y,
            is_numeric($x) && is_numeric($y) => abs((float) $x - (float) $y) < 1e-9,
            default => ($x ?? '') === ($y ?? ''),
        };
    }

    private static function lastChangeOf(Job $job, Model $row): ?JobChange
    {
        foreach ($job->changes()->with('user')->where('seq', '<=', $job->history_at)->orderByDesc('seq')->limit(50)->get() as $change) {
            foreach ($change->ops as $op) {
                if ($op['table'] === $row->getTable() && $op['id'] === $row->getKey()) {
                    return $change;
                }
            }
        }

        return null;
    }
}
