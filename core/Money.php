<?php

declare(strict_types=1);

namespace Underpin;

/** US dollars to the cent. Halves of a cent go away from zero, and each line of a bill is rounded by itself. */
final readonly class Money
{
    private function __construct(public int $cents)
    {
    }

    public static function none(): self
    {
        return new self(0);
    }

    public static function cents(int $cents): self
    {
        return new self($cents);
    }

    /** @param  float  $usd  finite */
    public static function usd(float $usd): self
    {
        return new self((int) round($usd * 100));
    }

    public function plus(self ...$others): self
    {
        return new self($this->cents + array_sum(array_map(fn (self $other): int => $other->cents, $others)));
    }

    public function less(self $other): self
    {
        return new self($this->cents - $other->cents);
    }

    public function times(float $count): self
    {
        return new self((int) round($this->cents * $count));
    }

    public function pct(float $pct): self
    {
        return new self((int) round($this->cents * $pct / 100));
    }

    public function isNone(): bool
    {
        return $this->cents === 0;
    }

    /** "$1,240.50" */
    public function words(): string
    {
        return ($this->cents < 0 ? '-$' : '$').number_format(abs($this->cents) / 100, 2);
    }

    /** "$1,241", where a cent decides nothing. */
    public function rough(): string
    {
        return ($this->cents < 0 ? '-$' : '$').number_format(abs($this->cents) / 100);
    }
}
