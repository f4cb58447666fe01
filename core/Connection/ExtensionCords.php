<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Assembly\Assembly;
use Underpin\Assembly\Component;
use Underpin\Assembly\ComponentKind;
use Underpin\Assembly\Conductor;
use Underpin\Assembly\ConductorKind;
use Underpin\Assembly\Deed;
use Underpin\Assembly\Line;
use Underpin\Assembly\Part;
use Underpin\Codebook\FlexibleCords;
use Underpin\Codebook\Material;
use Underpin\Codebook\Source;
use Underpin\Codebook\SplitPhase;
use Underpin\Connection\Source\SourceSteps;
use Underpin\Job\Circuit;
use Underpin\Legs\Leg;
use Underpin\Loads\Plan;
use Underpin\Say;
use Underpin\Sizing\Supply;
use Underpin\Wiring\VoltageDrop;

/** Extension cords from the machine to the appliances: nothing is connected to the house wiring. */
final class ExtensionCords implements Way
{
    use MovesCircuits;

    public function key(): string
    {
        return 'cords';
    }

    public function words(): string
    {
        return 'extension cords only';
    }

    public function verdict(Situation $situation): WayVerdict
    {
        $plan = $situation->plan;
        $serves = fn (?bool $answer): array => array_values(array_filter(
            $plan->must, fn (Circuit $c): bool => self::serves($c) === $answer,
        ));
        $dead = $serves(false);
        $open = $serves(null);
        $reasons = [Reason::note(
            'Nothing is connected to the house wiring, so nothing can feed back. Cords outdoors are rated for it, run in the '
                .'open and through no pinched door.',
            Source::nec('400.12'),
        )];
        if ($plan->must === []) {
            $reasons[] = Reason::open(
                'Mark the circuits that must run: only what has a plug can be served.', Source::practice('cord use'), 'mark what must run',
            );
        }
        if ($dead !== []) {
            $names = Say::list(array_map(fn (Circuit $c): string => $c->title(), $dead));
            $reasons[] = Reason::stops(
                "$names must run and ".(count($dead) === 1 ? 'has' : 'have').' no plug for a 120 V cord.',
                Source::practice('wired-in loads'), Say::count(count($dead), 'has', 'have').' no plug',
            );
        }
        if ($open !== []) {
            $names = Say::list(array_map(fn (Circuit $c): string => $c->title(), $open));
            $reasons[] = Reason::open(
                "Look whether what hangs on $names has a plug that a 120 V cord can serve, and say it at the load.",
                Source::practice('wired-in loads'), 'look for plugs',
            );
        }
        if ($situation->supply?->machine->form->isStandby() === true) {
            $reasons[] = Reason::stops(
                'A standby machine has no outlets for cords.', Source::practice('standby machines'), 'a standby has no outlets',
            );
        }
        $powers = array_filter([...$plan->must, ...$plan->room], fn (Circuit $c): bool => self::serves($c) === true);

        return new WayVerdict($this, $reasons, array_values($powers), $dead);
    }

    public function isWired(): bool
    {
        return false;
    }

    public function switchesNeutral(Situation $situation): ?bool
    {
        return false;
    }

    public function leavesToChoose(Situation $situation): array
    {
        return [];
    }

    public function isLastResort(): bool
    {
        return true;
    }

    public function joinsSharedNeutrals(Situation $situation): bool
    {
        return false;
    }

    public function onGenerator(Situation $situation): Plan
    {
        $halves = $this->halves($situation);

        return $halves === null ? $situation->plan : $situation->plan->each($halves->onItsHalf(...));
    }

    public function layout(Situation $situation): ?SwitchLayout
    {
        return null;
    }

    public function reachesMore(): bool
    {
        return true;
    }

    public function assemble(Situation $situation, Supply $supply): Assembly
    {
        $feet = $situation->job->wire->cordFt;
        $volts = (float) SplitPhase::LEG_V;
        $drop = $feet === null
            ? null
            : VoltageDrop::along(Material::Copper, FlexibleCords::TO_APPLIANCE, $feet, FlexibleCords::TO_APPLIANCE_A, $volts);
        $outlets = new Line(
            'Outlets', 'the machine\'s own 120 V outlets',
            'Each cord goes to one appliance or one row of small ones; no outlet is shared beyond its rating.', Source::nec('110.3(B)'),
        );
        $cords = new Line('Cords', FlexibleCords::TO_APPLIANCE->words().', three-wire, marked for outdoor and hard use', $drop === null
            ? 'Give the length to the farthest appliance to see what arrives there.'
            : sprintf(
                'At %d A over %s ft, %s of 120 V arrive.', FlexibleCords::TO_APPLIANCE_A, number_format((float) $feet),
                Say::volts($drop->endV),
            ),
            Source::nec('400.10, Table 400.5(A)(1)'));

        return new Assembly([
            new Component(
                'generator', ComponentKind::Generator, $supply->machine->name, $supply->machine->outletAmps, $supply->machine->volts,
            ),
            new Component('outlet', ComponentKind::Outlet, 'Outlets', 20, SplitPhase::LEG_V, lines: [$outlets], inside: 'generator'),
            new Component('appliance', ComponentKind::Appliance, 'Farthest appliance', volts: SplitPhase::LEG_V),
            new Conductor(
                'cords', ConductorKind::Cord, 'outlet', 'appliance', Bundle::wires(
                    'cords', Bundle::of(false), Ends::plug('outlet', false), Ends::plug('appliance', false), FlexibleCords::TO_APPLIANCE,
                ), FlexibleCords::TO_APPLIANCE, Material::Copper, $feet, FlexibleCords::TO_APPLIANCE_A, $volts, null, $drop, [$cords],
            ),
            ...$feet === null ? [] : $this->moreCords($situation, $feet),
        ], $feet === null ? ['the length to the farthest appliance'] : []);
    }

    /** @return list<Deed> a cord to each appliance, besides the one that is drawn */
    private function moreCords(Situation $situation, float $feet): array
    {
        $more = count(array_filter($situation->plan->must, fn (Circuit $c): bool => self::serves($c) === true)) - 1;
        $part = Part::cord(count(Bundle::of(false)), FlexibleCords::TO_APPLIANCE, $feet);

        return $more < 1 ? [] : [new Deed('cords-more', null, $more, 'one to each of the other appliances', $part)];
    }

    public function means(): MeansOfTransfer
    {
        return MeansOfTransfer::Cords;
    }

    public function transfers(Situation $situation): array
    {
        return [];
    }

    public function failsBy(): string
    {
        return 'cords that are lost when needed; doors ajar';
    }

    public function atNight(): string
    {
        return 'Run a cord to each appliance and plug them in one at a time. Slow, and a cord that cannot be found '
            .'is a cord that does not help.';
    }

    public function throws(): string
    {
        return 'Plug in';
    }

    public function unload(): string
    {
        return 'switch off every appliance and unplug it from its cord.';
    }

    public function caution(): string
    {
        return 'Never plug the generator into a wall outlet. It kills people at the other end of the line.';
    }

    public function toGenerator(Situation $situation, ?Assembly $assembly): array
    {
        $engine = SourceSteps::of($situation, $assembly);

        return [
            new OwnerStep('Switch off the appliances that you are going to plug in.'),
            ...$engine->run(),
            $engine->look(),
            ...($assembly === null || $assembly->conductor(ConductorKind::Cord) !== null
                ? [
                    new OwnerStep('Run one cord to each appliance on the list, plug in at the machine last, and switch on one at a time.'),
                    ...$this->spread($situation),
                ]
                : []),
        ];
    }

    public function back(Situation $situation, ?Assembly $assembly): array
    {
        return [
            new OwnerStep('Switch the appliances off and unplug them from the cords, one at a time.'),
            new OwnerStep('Plug each appliance into its own wall outlet again.'),
            ...SourceSteps::of($situation, $assembly)->stop(),
        ];
    }

    /**
     * Which appliances go to which half of the machine's outlets.
     *
     * @return list<OwnerStep>
     */
    private function spread(Situation $situation): array
    {
        $halves = $this->halves($situation);
        $one = $halves?->names($situation->plan->must, Leg::A) ?? [];
        $other = $halves?->names($situation->plan->must, Leg::B) ?? [];

        return $one === [] || $other === [] ? [] : [new OwnerStep(
            'Spread the cords over both halves of the machine\'s outlets: '.Say::list($one, 8).' on one, '.Say::list($other, 8)
                .' on the other.',
            'Each half carries no more than half of its watts. Its manual shows which outlet belongs to which.',
        )];
    }

    /** Null: no machine is picked, or it has one hot wire for all of its outlets. */
    private function halves(Situation $situation): ?OutletHalves
    {
        $served = fn (Circuit $c): bool => self::serves($c) !== false;
        $plan = $situation->plan;

        return $situation->supply?->feedsBothLegs() !== true ? null : OutletHalves::of(
            array_values(array_filter($plan->must, $served)), array_values(array_filter($plan->room, $served)),
        );
    }

    /** A 120 V cord serves everything on it; null: nobody has looked. */
    private static function serves(Circuit $circuit): ?bool
    {
        return $circuit->needsBothLegs() ? false : $circuit->hasPlugs();
    }
}
