<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Codebook\Source;
use Underpin\Stage;

/** What is wrong, why it matters, what to do, and by which rule. */
final readonly class Finding
{
    public function __construct(
        public string $code,
        public Severity $severity,
        public Stage $stage,
        public string $what,
        public string $why,
        public string $do,
        public Source $source,
        public ?string $circuitId = null,
    ) {
    }
}
