<?php

declare(strict_types=1);

namespace App\Backup;

use RuntimeException;

/** A copy lacks something that it names itself. */
final class NotWhole extends RuntimeException
{
}
