<?php

declare(strict_types=1);

namespace Underpin\Checks\Arrangement;

/** What is marked. Null: not known. */
final readonly class SignsFacts
{
    public function __construct(
        public ?bool $inlet = null,
        public ?bool $service = null,
        public ?bool $panel = null,
    ) {
    }
}
