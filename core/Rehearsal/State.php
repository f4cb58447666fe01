<?php

declare(strict_types=1);

namespace Underpin\Rehearsal;

/** How everything stands at one moment of a rehearsal. */
final readonly class State
{
    /**
     * @param  int  $s  seconds since the outage
     * @param  bool  $utility  it is there
     * @param  bool  $plateFreesGenerator  the plate covers the main; else it covers the generator breaker
     * @param  string  $lever  "utility", "off" or "generator"
     * @param  array<string, bool>  $on  breakers that are on, by id; of a switch with places: on the generator
     * @param  string  $spot  where the machine stands: "" in its shed, "outdoors", "garage"
     * @param  ?int  $startedS  when the engine started; null: it stands still
     * @param  ?int  $stoppedS  when it stopped; null: it has not run
     * @param  ?int  $backS  when the utility came back
     * @param  float  $dipPct  of the last start
     * @param  list<Happening>  $happenings
     * @param  bool  $ran  everything that must run has run
     * @param  bool  $chokeSaid  it was said that the choke is still out
     */
    public function __construct(
        public int $s = 0, public bool $utility = false, public bool $main = true, public bool $plateFreesGenerator = false,
        public bool $generator = false, public string $lever = 'utility', public array $on = [], public bool $cordAtInlet = false,
        public bool $cordAtMachine = false, public string $spot = '', public bool $valve = false, public bool $choke = false,
        public bool $idle = true, public ?int $startedS = null, public ?int $stoppedS = null, public ?int $backS = null,
        public float $dipPct = 0.0,
        public array $happenings = [], public bool $ran = false, public bool $isOver = false, public bool $chokeSaid = false,
    ) {
    }

    public function with(mixed ...$changes): self
    {
        /** @phpstan-ignore argument.type (the names and types are this class's own) */
        return new self(...[...get_object_vars($this), ...$changes]);
    }

    public function saying(string $words, bool $isMistake = false): self
    {
        return $this->with(happenings: [...$this->happenings, new Happening($this->s, $words, $isMistake)]);
    }

    public function mistakes(): int
    {
        return count(array_filter($this->happenings, fn (Happening $h): bool => $h->isMistake));
    }

    public function isRunning(): bool
    {
        return $this->startedS !== null;
    }

    /** Seconds that the engine has run. */
    public function ranS(): int
    {
        return $this->startedS === null ? 0 : $this->s - $this->startedS;
    }
}
