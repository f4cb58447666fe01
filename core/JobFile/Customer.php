<?php

declare(strict_types=1);

namespace Underpin\JobFile;

/** For whom and where the work is done. */
final readonly class Customer
{
    public function __construct(
        public string $name = '',
        public string $address = '',
        public string $phone = '',
        public string $email = '',
    ) {
    }
}
