<?php

declare(strict_types=1);

namespace Tests\Support;

use Underpin\Job\LoadKind;
use Underpin\Job\Role;
use Underpin\Loads\Library\LoadLibrary;
use Underpin\Loads\Library\TypicalLoad;
use Underpin\Loads\Library\Watts;

/** The typical loads that every new shop begins with. */
final class Stock
{
    public static function loads(): LoadLibrary
    {
        static $library = null;

        return $library ??= new LoadLibrary(fn (): array => array_map(fn (array $l): TypicalLoad => new TypicalLoad(
            $l[0], LoadKind::from($l[1]), $l[2], new Watts(...$l[3]), new Watts(...$l[4]), $l[5], Role::from($l[6]), explode(', ', $l[7]),
        ), require dirname(__DIR__, 2).'/database/data/typical-loads.php'));
    }
}
