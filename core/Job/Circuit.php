<?php

declare(strict_types=1);

namespace Underpin\Job;

use Underpin\Job\Part\CircuitPart;
use Underpin\Legs\Draw;
use Underpin\Legs\Leg;

/** One breaker of a panel with what hangs on it. Switching it on starts everything on it at once. */
final readonly class Circuit
{
    /** smallest and largest breaker of a circuit, amperes */
    public const LEAST_A = 5;

    public const MOST_A = 600;

    /** @var list<Draw> what its loads draw while they run: every check asks for it */
    private array $draws;

    private float $runAmps;

    /**
     * @param  list<Load>  $loads
     * @param  string  $keepOn  when it must not lose power while the crew works; empty: it may
     * @param  ?int  $receptacleAmps  rating of the one receptacle on it; null: several, none, or not looked
     * @param  ?Measured  $measured  what a clamp meter found on it
     * @param  string  $inPanel  name of its panel, where the service has several
     * @param  ?Leg  $switchedTo  leg that it hangs on behind a switch or outlet of its own; null: that of its space
     * @param  string  $sharesNeutralWith  id of the breaker that has the other hot of its multiwire circuit; empty: none is known
     */
    public function __construct(
        public string $id,
        public Position $position,
        public int $breakerAmps,
        public string $name,
        public Protection $protection = Protection::None,
        public Role $role = Role::Off,
        public string $note = '',
        public array $loads = [],
        public string $keepOn = '',
        public ?int $receptacleAmps = null,
        public ?Measured $measured = null,
        public string $sharesNeutralWith = '',
        public ?Leg $switchedTo = null,
        public string $inPanel = '',
    ) {
        CircuitPart::form()->guard(['amps' => $breakerAmps, 'receptacle_a' => $receptacleAmps]);
        // Made for every breaker of a job at every change: loops, without a closure for each.
        $draws = [];
        $a = $b = 0.0;
        foreach ($loads as $load) {
            $draws[] = $draw = new Draw($load->id, $this->legOf($load), $load->knownRunW(), $load->pf);
            $a += $draw->leg->onA() ? $draw->amps() : 0.0;
            $b += $draw->leg->onB() ? $draw->amps() : 0.0;
        }
        $this->draws = $draws;
        $this->runAmps = max($a, $b);
    }

    /**
     * The same circuit as the clamp meter found it: one load with the amperes that it read. Ten
     * readings a second miss the top of a start, so a listed start that is higher still counts;
     * one that was typed in comes from a meter that holds the inrush.
     */
    public function asMeasured(): self
    {
        if ($this->measured === null) {
            return $this;
        }
        $motors = array_values(array_filter($this->loads, fn (Load $l): bool => $l->cyclesByItself() || $l->kind->isMotor()));
        $startAmps = $this->measured->byHand ? $this->measured->startAmps : max($this->measured->startAmps, $this->startAmps());
        $seasons = array_unique(array_map(fn (Load $l): ?Season => $l->season, $this->loads), SORT_REGULAR);
        $load = new Load(
            "$this->id-measured", $this->name === '' ? 'measured' : $this->name,
            $motors[0]->kind ?? $this->loads[0]->kind ?? LoadKind::Other,
            $this->measured->runAmps * $this->leg()->volts(), $startAmps * $this->leg()->volts(), duty: $motors[0]->duty ?? null,
            season: count($seasons) === 1 ? $seasons[0] : null, plug: $this->hasPlugs(),
        );

        return $this->with(loads: [$load]);
    }

    /** Everything on it has a plug for a 120 V cord; null: nobody has looked. */
    public function hasPlugs(): ?bool
    {
        $plugs = array_map(fn (Load $load): ?bool => $load->plug, $this->loads);

        return match (true) {
            in_array(false, $plugs, true) => false,
            $plugs === [], in_array(null, $plugs, true) => null,
            default => true,
        };
    }

    /** A breaker that feeds nothing, as it is marked. */
    public function isSpare(): bool
    {
        return $this->loads === [] && preg_match('/^\W*spare(?:\s+(?:breaker|circuit|\d+))?\W*$/i', $this->name) === 1;
    }

    /** The same circuit with what runs on it in one half of the year. */
    public function in(Season $season): self
    {
        return $this->with(loads: array_values(array_filter($this->loads, fn (Load $l): bool => $l->runsIn($season))));
    }

    public function with(mixed ...$changes): self
    {
        /** @phpstan-ignore argument.type (the names and types are this class's own) */
        return new self(...[...array_diff_key(get_object_vars($this), ['draws' => 0, 'runAmps' => 0]), ...$changes]);
    }

    public function load(string $id): ?Load
    {
        foreach ($this->loads as $load) {
            if ($load->id === $id) {
                return $load;
            }
        }

        return null;
    }

    public function leg(): Leg
    {
        return $this->switchedTo ?? $this->position->leg();
    }

    /** The leg that one of its loads hangs on: of a two-pole breaker it may be one half alone. */
    public function legOf(Load $load): Leg
    {
        return $load->pole === null || $this->position->poles === 1
            ? $this->leg()
            : Position::legOfSpace($this->position->space + 2 * ($load->pole - 1));
    }

    /** A two-pole breaker with 120 V loads on its poles: two halves that share a neutral. NEC 2023 210.4. */
    public function hasHalves(): bool
    {
        return $this->position->poles === 2 && array_filter($this->loads, fn (Load $l): bool => $l->pole !== null) !== [];
    }

    /** Something on it needs 240 V, or nobody knows what is on its two poles. */
    public function needsBothLegs(): bool
    {
        return $this->position->poles === 2
            && ($this->loads === [] || array_filter($this->loads, fn (Load $l): bool => $l->pole === null) !== []);
    }

    public function label(): string
    {
        return $this->position->label();
    }

    /** As a person would say it: "5–7 Deep well pump", and which panel where there are several. */
    public function title(): string
    {
        return $this->label().' '.($this->name === '' ? 'unnamed' : $this->name).($this->inPanel === '' ? '' : " ($this->inPanel)");
    }

    /** Medical equipment hangs on it: it is never the one that is told to wait. */
    public function isMedical(): bool
    {
        return array_filter($this->loads, fn (Load $load): bool => $load->kind === LoadKind::Medical) !== [];
    }

    /** Nobody has said yet what this circuit draws. */
    public function figuresMissing(): bool
    {
        foreach ($this->loads as $load) {
            if ($load->runW === null) {
                return true;
            }
        }

        return $this->loads === [];
    }

    /** Nobody has said what something on it draws, or what one of its motors starts with. */
    public function figuresOrStartsMissing(): bool
    {
        return $this->figuresMissing() || array_filter($this->loads, fn (Load $load): bool => $load->startIsMissing()) !== [];
    }

    /** @return list<Draw> */
    public function draws(): array
    {
        return $this->draws;
    }

    public function runW(): float
    {
        return array_sum(array_map(fn (Load $l): float => $l->knownRunW(), $this->loads));
    }

    /** Amperes on each leg it hangs on; where its halves differ, on the one that carries more. */
    public function runAmps(): float
    {
        return $this->runAmps;
    }

    /** Amperes when the breaker is closed and everything on it starts together: the safe side. */
    public function startAmps(): float
    {
        return max($this->worstAmps(fn (Load $l): float => $l->knownStartW()), $this->runAmps());
    }

    /** Amperes of those of its loads that stay on for hours, on the leg that carries more of them. */
    public function continuousAmps(): float
    {
        foreach ($this->loads as $load) {
            if ($load->duty === Duty::Continuous) {
                return $this->worstAmps(fn (Load $l): float => $l->duty === Duty::Continuous ? $l->knownRunW() : 0.0);
            }
        }

        return 0.0;
    }

    /** @param  callable(Load): float  $watts */
    private function worstAmps(callable $watts): float
    {
        $a = $b = 0.0;
        foreach ($this->loads as $load) {
            $leg = $this->legOf($load);
            $amps = $watts($load) / ($load->pf * $leg->volts());
            $a += $leg->onA() ? $amps : 0.0;
            $b += $leg->onB() ? $amps : 0.0;
        }

        return max($a, $b);
    }

    /** Seconds to wait after switching this on before the next. */
    public function settleS(): int
    {
        return max([10, ...array_map(fn (Load $l): int => $l->kind->settleS(), $this->loads)]);
    }
}
