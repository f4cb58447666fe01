<?php

declare(strict_types=1);

namespace Underpin\Checks\Arrangement;

/** What the authority and the utility say. Null: not known. */
final readonly class LocalFacts
{
    public function __construct(
        public ?bool $splicesAllowed = null,
        public ?bool $permit = null,
        public ?bool $collarApproved = null,
    ) {
    }
}
