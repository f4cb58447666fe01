<?php

declare(strict_types=1);

namespace Underpin\Job;

/** For whom and where the work is done, and what is noted of it. */
final readonly class Client
{
    public function __construct(
        public string $name = '',
        public string $address = '',
        public string $phone = '',
        public string $email = '',
        public string $notes = '',
        public string $utilityPhone = '',
    ) {
    }
}
