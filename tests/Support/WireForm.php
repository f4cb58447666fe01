<?php

declare(strict_types=1);

namespace Tests\Support;

use Underpin\Form\Field;
use Underpin\Job\Part\WireRunPart;

/** The form of the run as a browser sends it: every field, most of them empty. */
final class WireForm
{
    /**
     * @param  array<string, string>  $changes
     * @return array<string, string>
     */
    public static function with(array $changes = []): array
    {
        $names = array_map(fn (Field $f): string => $f->name, WireRunPart::withoutLengths()->fields());

        return $changes + [
            'method' => 'conduit', 'material' => 'cu', 'terminal_c' => '60', 'ambient_c' => '30', 'wet' => '0',
        ] + array_fill_keys($names, '');
    }
}
