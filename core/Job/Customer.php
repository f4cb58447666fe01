<?php

declare(strict_types=1);

namespace Underpin\Job;

/** For whom and where the work is done, and what is noted of it. */
final readonly class Customer
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

    /** @return string name and address, as far as they are known */
    public function words(): string
    {
        return implode(', ', array_filter([$this->name, $this->address], fn (string $part): bool => $part !== ''));
    }
}
