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

    /**
     * Name and address, as far as they are known.
     *
     * @param  string  $nameless  what stands for a name that is not known
     */
    public function words(string $nameless = ''): string
    {
        $name = $this->name === '' ? $nameless : $this->name;

        return implode(', ', array_filter([$name, $this->address], fn (string $part): bool => $part !== ''));
    }
}
