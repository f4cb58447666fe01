<?php

declare(strict_types=1);

namespace Underpin\Job;

/** Advice that somebody set aside, with the reason and the name. What kills, and what is wrong, cannot be set aside. */
final readonly class SetAside
{
    public const MOST = 100;

    /** @param  list<SetAsideAdvice>  $advice */
    public function __construct(public array $advice = [])
    {
    }

    /** Null: it was not set aside. */
    public function of(string $code, ?string $circuit): ?SetAsideAdvice
    {
        foreach ($this->advice as $each) {
            if ($each->code === $code && $each->circuit === ($circuit ?? '')) {
                return $each;
            }
        }

        return null;
    }

    public function with(SetAsideAdvice $advice): self
    {
        return new self([...$this->without($advice->code, $advice->circuit)->advice, $advice]);
    }

    public function without(string $code, string $circuit): self
    {
        return new self(array_values(array_filter(
            $this->advice, fn (SetAsideAdvice $a): bool => $a->code !== $code || $a->circuit !== $circuit,
        )));
    }
}
