<?php

declare(strict_types=1);

namespace Underpin;

/**
 * Numbers that look like chance and are the same for the same seed on every machine: the minimal standard generator of Park and Miller
 * with the multiplier 48271. For searches and made-up weather, never for secrets.
 */
final class Dice
{
    private const MODULUS = 2_147_483_647;

    private const MULTIPLIER = 48_271;

    private int $state;

    /** @param  int  $seed  any whole number */
    public function __construct(int $seed)
    {
        $this->state = (int) abs($seed % (self::MODULUS - 1)) + 1;
        // Seeds that lie beside each other would begin alike.
        $this->next();
        $this->next();
    }

    /** One of its own for each thing that has a name, so that one more or fewer of them changes nothing for the others. */
    public static function named(int $seed, string $name): self
    {
        return new self($seed * 31 + crc32($name));
    }

    /** At least 0 and below 1. */
    public function next(): float
    {
        $this->state = $this->state * self::MULTIPLIER % self::MODULUS;

        return ($this->state - 1) / (self::MODULUS - 1);
    }

    public function between(float $least, float $most): float
    {
        return $least + ($most - $least) * $this->next();
    }
}
