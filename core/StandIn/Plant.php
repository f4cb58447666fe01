<?php

declare(strict_types=1);

namespace Underpin\StandIn;

use Underpin\Checklist\Condition;
use Underpin\Checklist\Probe;
use Underpin\Checklist\Quantity;
use Underpin\Codebook\Acceptance;
use Underpin\Codebook\SplitPhase;
use Underpin\Design\Design;
use Underpin\Job\Circuit;
use Underpin\Job\Fuel;
use Underpin\Legs\Leg;
use Underpin\Limit;
use Underpin\Network\SplitPhaseNetwork;
use Underpin\Sizing\Supply;

/**
 * The machine and the house of a design with everything that must run switched on, as instruments would see them. A fault is a change
 * in the circuit, and what is read follows from it; the figures of a good machine are made up within what practice asks.
 */
final readonly class Plant
{
    /** Volts of each half without load. */
    private const LEG_V = 122.0;

    /** Of the volts without load, what full load takes away. */
    private const DROOP = 0.03;

    private const NEUTRAL_OHM = 0.02;

    private const LAMP_W = 100.0;

    private const LOOSE_OHM = 0.25;

    /** Transient reactance of a small machine, per unit. */
    private const REACTANCE_PU = 0.25;

    /** °C that each watt in a terminal warms it over its like. */
    private const C_PER_W = 0.4;

    /** @param  list<Fault>  $faults */
    private function __construct(private Supply $supply, private Design $design, private array $faults)
    {
    }

    /**
     * @param  list<Fault>  $faults
     * @return ?self null: no machine is picked
     */
    public static function of(Design $design, array $faults): ?self
    {
        $supply = $design->supply();

        return $supply === null ? null : new self($supply, $design, $faults);
    }

    /** In the unit of the quantity; null: this plant has nothing of it. */
    public function read(Probe $probe): ?float
    {
        $isGas = in_array($this->supply->fuel, [Fuel::NaturalGas, Fuel::Propane], true);

        return match ($probe->quantity) {
            Quantity::BetweenLegs, Quantity::LegA, Quantity::LegB => $this->volts($probe),
            Quantity::NeutralToGround => $this->neutralToGround(),
            Quantity::LowestVolts => $this->lowestVolts(),
            Quantity::BatteryVolts => $this->battery($probe->condition),
            Quantity::Hertz => $this->hertz($probe->condition),
            Quantity::RecoveryS => $this->starves($probe->condition) ? 7.5 : 1.4,
            Quantity::TransferS => $this->has(Fault::SlowTransfer) ? 95.0 : 22.0,
            Quantity::ReturnMin => 6.0,
            Quantity::CoolDownMin => 4.0,
            Quantity::GasPressure => $isGas ? $this->gas($probe->condition) : null,
            Quantity::AmpsA => $this->network($probe->condition)->amps()[0],
            Quantity::AmpsB => $this->network($probe->condition)->amps()[1],
            Quantity::TerminalDifference => $this->terminalDifference(),
        };
    }

    private function has(Fault $fault): bool
    {
        return in_array($fault, $this->faults, true);
    }

    private function isRunning(Condition $condition): bool
    {
        return ! in_array($condition, [Condition::Standing, Condition::Cranking], true);
    }

    private function volts(Probe $probe): float
    {
        if (! $this->isRunning($probe->condition)) {
            return 0.0;
        }
        [$a, $b, $n] = $this->network($probe->condition)->volts();
        // What ends on the terminal of leg A is the neutral then, and the other way round.
        [$a, $n] = $this->has(Fault::SwappedNeutral) ? [$n, $a] : [$a, $n];

        return match ($probe->quantity) {
            Quantity::LegA => abs($a - $n),
            Quantity::LegB => abs($b - $n),
            default => abs($a - $b),
        };
    }

    private function network(Condition $condition): SplitPhaseNetwork
    {
        $full = max(1.0, $this->supply->runLimitAmps());
        $inner = self::DROOP * self::LEG_V / $full;
        [$a, $b, $ab] = match ($condition) {
            Condition::Loaded, Condition::MotorStart => $this->siemens(),
            Condition::Lamp => [self::LAMP_W / SplitPhase::LEG_V ** 2, 0.0, 0.0],
            Condition::Standing, Condition::Cranking, Condition::NoLoad => [0.0, 0.0, 0.0],
        };
        $volts = self::LEG_V * ($this->starves($condition) ? 0.9 : 1.0);

        return new SplitPhaseNetwork(
            $volts, $inner + ($this->has(Fault::LooseTerminal) ? self::LOOSE_OHM : 0.0),
            $this->has(Fault::OneLegDead) ? SplitPhaseNetwork::OPEN_OHM : $inner,
            $this->has(Fault::FloatingNeutral) ? SplitPhaseNetwork::OPEN_OHM : self::NEUTRAL_OHM, $a, $b, $ab,
        );
    }

    /** @return array{float, float, float} from A to neutral, from B to neutral, from A to B, of all that must run */
    private function siemens(): array
    {
        $sums = ['A' => 0.0, 'B' => 0.0, 'AB' => 0.0];
        foreach ($this->design->powered() as $circuit) {
            foreach ($this->supply->canFeed($circuit) ? $circuit->loads : [] as $load) {
                $leg = $this->supply->hotFor($circuit->legOf($load));
                $volts = $leg === Leg::AB ? SplitPhase::BETWEEN_LEGS_V : SplitPhase::LEG_V;
                $sums[$leg->value] += $load->knownRunW() / $load->pf / $volts ** 2;
            }
        }

        return [$sums['A'], $sums['B'], $sums['AB']];
    }

    private function neutralToGround(): float
    {
        [$a, $b] = $this->network(Condition::Loaded)->amps();

        return abs($a - $b) * self::NEUTRAL_OHM;
    }

    /** Volts between the legs, or of the one hot, at the start of the largest motor. */
    private function lowestVolts(): float
    {
        $starts = array_map(fn (Circuit $c): float => array_sum(array_map(
            fn ($load): float => $load->knownStartW() - $load->knownRunW(), $c->loads,
        )), $this->design->powered());
        $share = ($starts === [] ? 0.0 : max($starts)) / max(1.0, $this->supply->runW());
        $left = 1 / (1 + self::REACTANCE_PU * $share) * ($this->starves(Condition::MotorStart) ? 0.7 : 1.0);

        return $this->supply->machine->volts * $left;
    }

    private function battery(Condition $condition): float
    {
        $isWeak = $this->has(Fault::WeakBattery);

        return $condition === Condition::Cranking ? ($isWeak ? 8.3 : 10.8) : ($isWeak ? 12.6 : 13.5);
    }

    private function hertz(Condition $condition): float
    {
        $isGoverned = ! $this->supply->machine->form->isInverter() && ! $this->supply->machine->form->isStandby();
        $set = match (true) {
            ! $isGoverned => 60.0,
            $condition === Condition::Loaded => 60.2,
            default => 61.8,
        };

        return $set - ($this->has(Fault::WrongHertz) ? 3.6 : 0.0) - ($this->starves($condition) ? 2.5 : 0.0);
    }

    /** Without pressure the engine does not hold its speed. */
    private function starves(Condition $condition): bool
    {
        $gas = [Fuel::NaturalGas, Fuel::Propane];
        $isLoaded = $condition === Condition::Loaded || $condition === Condition::MotorStart;

        return $isLoaded && in_array($this->supply->fuel, $gas, true) && Limit::over($this->gasRange()->low() ?? 0.0,
            $this->gas($condition));
    }

    private function gasRange(): Acceptance
    {
        return $this->supply->fuel === Fuel::NaturalGas ? Acceptance::NaturalGas : Acceptance::Propane;
    }

    /** The pressure falls with the square of what flows. */
    private function gas(Condition $condition): float
    {
        $standing = $this->supply->fuel === Fuel::NaturalGas ? 6.4 : 12.6;
        $flow = match ($condition) {
            Condition::Standing => 0.0,
            Condition::NoLoad, Condition::Lamp, Condition::Cranking => 0.4,
            Condition::MotorStart, Condition::Loaded => 1.0,
        };

        return $standing - ($this->has(Fault::LowGas) ? 4.4 : 0.7) * $flow ** 2;
    }

    private function terminalDifference(): float
    {
        [$a] = $this->network(Condition::Loaded)->amps();

        return 0.8 + ($this->has(Fault::LooseTerminal) ? self::C_PER_W * self::LOOSE_OHM * $a ** 2 : 0.0);
    }
}
