<?php

declare(strict_types=1);

namespace Underpin;

use DomainException;

/**
 * A value the core will not compute with. It names the field in the words of the caller's
 * data ("circuits.3.watts") and says which limit was broken.
 */
final class Refused extends DomainException
{
    public function __construct(public readonly string $field, string $message)
    {
        parent::__construct($message);
    }

    /** The same refusal, seen from one level up: "size" in "conductors" is "conductors.size". */
    public function within(string $path): self
    {
        return $path === '' ? $this : new self($this->field === '' ? $path : "$path.$this->field", $this->getMessage());
    }
}
