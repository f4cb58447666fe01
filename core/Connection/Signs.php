<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Assembly\Assembly;
use Underpin\Assembly\Component;
use Underpin\Assembly\ComponentKind;
use Underpin\Assembly\ConductorKind;
use Underpin\Assembly\Element;
use Underpin\Assembly\Line;
use Underpin\Assembly\Sign;
use Underpin\Codebook\Source;
use Underpin\Sizing\Supply;

/** The signs that a design needs, with their words. NEC 2023 110.21(B), 230.85, 408.4(A), 445.18, 702.7. */
final readonly class Signs
{
    public function __construct(private Way $way, private Situation $situation, private Supply $supply, private Assembly $built)
    {
    }

    /** @return list<Element> */
    public function all(): array
    {
        return [
            ...$this->emergency(), ...$this->atService(), ...$this->atInlet(), ...$this->atBreaker(), ...$this->atMachine(),
            ...$this->whereBondStays(),
        ];
    }

    /** @return list<Sign> where a switch becomes the disconnect that a dwelling has outside */
    private function emergency(): array
    {
        $isOne = fn (Component $switch): bool => array_filter(
            $switch->says(), fn (Line $line): bool => $line->part === NewService::EMERGENCY,
        ) !== [];
        $starts = $this->way->transfersByItself() ? ['Opening it starts the generator. Its stop is at: __________________'] : [];

        $switches = array_values(array_filter($this->built->components(ComponentKind::Switch), $isOne));

        return array_map(fn (Component $switch): Sign => self::sign(
            "sign-emergency:$switch->id", 'At the emergency disconnect, outside'.(count($switches) > 1 ? ": $switch->name" : ''),
            NewService::EMERGENCY, [
                'SERVICE DISCONNECT, or NOT SERVICE EQUIPMENT, as it is', 'Other disconnects are at: __________________', ...$starts,
            ], 'White letters, half an inch and higher, on red; the other disconnects are named on it or beside it.', Source::nec('230.85'),
        ), $switches);
    }

    /** @return list<Sign> */
    private function atService(): array
    {
        $machine = $this->supply->machine;
        $kind = $machine->form->isBattery() ? 'battery station' : (
            $machine->form->isStandby() ? 'standby generator' : 'portable generator'
        );
        $inlet = $this->built->component(ComponentKind::Inlet) !== null;

        return [self::sign('sign-service', 'At the service disconnect', 'Caution: second source', [
            "A $kind can feed this building.", $inlet ? 'Its inlet is at: __________________' : 'It stands at: __________________',
            match (true) {
                $machine->form->isStandby() => 'Its disconnect and stop are at: __________________',
                $machine->form->isBattery() => 'It is connected by hand, and is live at once.',
                default => 'It is started by hand.',
            },
        ], $machine->form->isStandby()
            ? 'At the emergency disconnect of a one- or two-family dwelling, elsewhere at the service equipment.'
            : 'Whoever opens the service must know of it; for dwellings the rule asks only where a source stays in place.',
            Source::nec('702.7(A)'))];
    }

    /** @return list<Sign> */
    private function atInlet(): array
    {
        $switches = $this->way->switchesNeutral($this->situation);
        if ($this->built->component(ComponentKind::Inlet) === null || $this->built->conductor(ConductorKind::Run) === null
            || $switches === null) {
            return [];
        }

        return [self::sign('sign-inlet', 'At the inlet', 'Warning', [
            'For connection of a '.($switches ? 'separately derived (bonded neutral)' : 'nonseparately derived (floating neutral)')
                .' system only',
        ], $switches
            ? 'The switch breaks the neutral: only a machine with a bonded neutral belongs here.'
            : 'The neutral goes through: only a machine with a floating neutral belongs here.', Source::nec('702.7(C)'))];
    }

    /** @return list<Sign> */
    private function atBreaker(): array
    {
        $breaker = $this->built->component(ComponentKind::Breaker);
        $run = $this->built->conductor(ConductorKind::Run);
        if ($breaker === null || $run === null) {
            return [];
        }
        $plated = $this->way->platedPanel($this->situation);
        $signs = [self::sign('sign-breaker', 'At the '.lcfirst($breaker->name), "Generator, $breaker->amps A", [
            $this->supply->machine->volts === 240 ? '120/240 V' : '120 V, one hot wire',
            "At most {$this->supply->machine->outletAmps} A at once",
        ], 'Every disconnect says what it is for.', Source::nec('110.22(A), 408.4(A)'))];

        return $plated === null ? $signs : [...$signs, self::sign(
            'sign-interlock', "On the cover of $plated->name", 'Warning: two sources',
            ['Main off before the generator breaker goes on.', 'Never take the interlock off, never run without this cover.'],
            'The lock works only with its cover on.', Source::nec('110.21(B), 702.5(A)'),
        )];
    }

    /** @return list<Sign> */
    private function atMachine(): array
    {
        return $this->supply->machine->form->isStandby() ? [
            self::sign('sign-machine', 'At the machine\'s disconnect', 'Generator disconnect', [
                'Starts by itself at any time.', 'Open and lock this, and switch the controller off, before work.',
            ], 'Lockable in the open position; it names what it is for.', Source::nec('110.22(A), 445.18(A)')),
        ] : [];
    }

    /** @return list<Sign> where the machine's way to earth leads over the service's bond */
    private function whereBondStays(): array
    {
        $stays = $this->supply->machine->form->isStandby() && $this->way->switchesNeutral($this->situation) === false;

        return $stays ? [self::sign('sign-bond', 'At the service equipment, where the bond is', 'Warning: shock hazard', [
            'Exists if the grounding electrode conductor or the bonding jumper in this equipment is removed while the alternate source is '
                .'energized.',
        ], 'The generator has no other way to earth than this bond.', Source::nec('702.7(B)'))] : [];
    }

    /** @param  list<string>  $words */
    private static function sign(string $id, string $place, string $heading, array $words, string $why, Source $source): Sign
    {
        return new Sign($id, $place, $heading, $words, new Line("Sign: $heading", lcfirst($place), $why, $source));
    }
}
