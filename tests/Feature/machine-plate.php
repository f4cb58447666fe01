<?php

declare(strict_types=1);

namespace Tests\Feature;

use Underpin\Job\Part\MachineLine;

/**
 * What the page of a machine sends: every field of it, most of them empty.
 *
 * @param  array<string, string>  $given
 * @return array<string, string>
 */
function plateOf(array $given): array
{
    $fields = array_map(fn ($field): string => $field->name, MachineLine::form()->fields());

    return [...array_fill_keys($fields, ''), 'form' => 'portable', 'outlet' => 'L14-30R', ...['housing_noise_ft' => '23'], ...$given];
}
