<?php

declare(strict_types=1);

namespace Underpin\Connection\Source;

use Underpin\Assembly\Assembly;
use Underpin\Assembly\ConductorKind;
use Underpin\Assembly\WireRole;
use Underpin\Connection\OwnerStep;
use Underpin\Connection\Situation;

/** What the owner does at the source of power: the same for every way that is wired in. */
abstract readonly class SourceSteps
{
    final public function __construct(protected Situation $situation, private ?Assembly $assembly, protected string $inlet)
    {
    }

    /**
     * Where no machine is picked, those of a portable.
     *
     * @param  string  $inlet  where the cord goes in at the house; empty: it stays there
     */
    public static function of(Situation $situation, ?Assembly $assembly, string $inlet = 'the inlet'): self
    {
        $kind = $situation->supply?->machine->form;

        return match (true) {
            $kind?->isStandby() === true => new StandbySteps($situation, $assembly, $inlet),
            $kind?->isBattery() === true => new BatterySteps($situation, $assembly, $inlet),
            default => new PortableSteps($situation, $assembly, $inlet),
        };
    }

    /** What kills or burns at the source itself. */
    abstract public function caution(): string;

    /** @return list<string> what is looked at before there is an outage */
    abstract public function before(): array;

    /**
     * From nothing to power at the house, with no load on it.
     *
     * @return list<OwnerStep>
     */
    abstract public function start(): array;

    /** @return list<OwnerStep> until it is ready, nothing on it */
    abstract public function run(): array;

    /** Its own reading, before anything goes on. */
    abstract public function look(): OwnerStep;

    /**
     * While it runs.
     *
     * @param  string  $unload  how everything is taken off it, as a sentence
     * @return list<OwnerStep>
     */
    abstract public function running(string $unload): array;

    /** @return list<OwnerStep> once nothing is on it any more */
    abstract public function stop(): array;

    /** How the breaker in the panel that it comes in by is turned off, as a sentence. */
    public function offAtPanel(): string
    {
        return 'Turn off the generator breaker.';
    }

    /** There are fixed conductors that bring its power in, none of them missing. */
    public function reachesTheHouse(): bool
    {
        $run = $this->assembly?->conductor(ConductorKind::Run);
        $hots = $this->situation->supply?->feedsBothLegs() === false ? 1 : 2;

        return $this->assembly === null || ($run !== null && $run->hots() === $hots && $run->wire(WireRole::Neutral) !== null
            && $run->wire(WireRole::Ground) !== null);
    }

    protected function hasCord(): bool
    {
        return $this->assembly === null || $this->assembly->conductor(ConductorKind::Cord) !== null;
    }

    /** @param  string  $machine  what it is plugged into: "the machine" */
    protected function cordIn(string $machine, string $state = ''): OwnerStep
    {
        return new OwnerStep($this->inlet === ''
            ? "Plug the cord that stays at the house into $machine$state. Turn a locking plug until it catches."
            : "Connect the cord: first at $this->inlet, then at $machine$state. Turn a locking plug until it catches.");
    }

    protected function cordOut(string $machine): string
    {
        return match (true) {
            ! $this->hasCord() => '',
            $this->inlet === '' => "Unplug the cord at $machine and hang it where it stays, dry. ",
            default => "Unplug the cord, its end at $machine first, and put it back in its place. ",
        };
    }

    protected function isPair(): bool
    {
        return $this->situation->supply?->machine->form->isPair() === true;
    }
}
