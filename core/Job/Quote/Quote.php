<?php

declare(strict_types=1);

namespace Underpin\Job\Quote;

use Underpin\Money;

/** A quote as it was handed over. It is never changed: what changes is another revision. */
final readonly class Quote
{
    /**
     * @param  int  $number  of the shop
     * @param  int  $revision  1 for the first
     * @param  string  $on  the day on which it was handed over, YYYY-MM-DD
     * @param  string  $until  the last day on which it holds
     * @param  string  $by  who wrote it
     * @param  non-empty-list<QuotedWay>  $ways  the one that is recommended first
     * @param  float  $depositPct  of the total, due when it is accepted
     * @param  list<string>  $changes  since the revision before
     */
    public function __construct(
        public int $number, public int $revision, public string $on, public string $until, public string $by, public array $ways,
        public float $depositPct = 0.0, public string $terms = '', public string $note = '', public array $changes = [],
        public ?Answer $answer = null,
    ) {
    }

    /** "1042-2" */
    public function id(): string
    {
        return "$this->number-$this->revision";
    }

    /** "Quote 1042, revision 2" */
    public function title(): string
    {
        return "Quote $this->number".($this->revision === 1 ? '' : ", revision $this->revision");
    }

    /** The way that was accepted, else the one that is recommended. */
    public function way(): QuotedWay
    {
        foreach ($this->ways as $way) {
            if ($way->way === $this->answer?->way) {
                return $way;
            }
        }

        return $this->ways[0];
    }

    public function deposit(QuotedWay $way): Money
    {
        return $way->total()->pct($this->depositPct);
    }

    public function answered(Answer $answer): self
    {
        /** @phpstan-ignore argument.type (the names and types are this class's own) */
        return new self(...[...get_object_vars($this), 'answer' => $answer]);
    }

    /** The same as it was handed over, whatever was said to it. */
    public function asHandedOver(): self
    {
        /** @phpstan-ignore argument.type (the names and types are this class's own) */
        return new self(...[...get_object_vars($this), 'answer' => null]);
    }
}
