<?php

declare(strict_types=1);

namespace App\Runs;

use RuntimeException;

/** Somebody asked the run to stop. */
final class RunStopped extends RuntimeException
{
}
