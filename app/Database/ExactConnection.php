<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\MariaDbConnection;

/** PHP cuts a bound number to 14 digits; what a person saved must come back as it was, to the last bit. */
final class ExactConnection extends MariaDbConnection
{
    /**
     * @param  array<mixed>  $bindings
     * @return array<mixed>
     */
    public function prepareBindings(array $bindings): array
    {
        return array_map(
            fn (mixed $value): mixed => is_float($value) ? json_encode($value, JSON_THROW_ON_ERROR) : $value,
            parent::prepareBindings($bindings),
        );
    }
}
