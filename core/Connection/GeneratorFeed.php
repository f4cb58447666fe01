<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Assembly\Assembly;
use Underpin\Assembly\Component;
use Underpin\Assembly\ComponentKind;
use Underpin\Assembly\Conductor;
use Underpin\Assembly\ConductorKind;
use Underpin\Assembly\Element;
use Underpin\Assembly\Line;
use Underpin\Assembly\Task;
use Underpin\Assembly\WireRole;
use Underpin\Codebook\ConductorSize;
use Underpin\Codebook\Conduit;
use Underpin\Codebook\DropLimits;
use Underpin\Codebook\FlexibleCords;
use Underpin\Codebook\Material;
use Underpin\Codebook\Source;
use Underpin\Codebook\Terminals;
use Underpin\Job\LocalRules;
use Underpin\Job\Outlet;
use Underpin\Job\WireRun;
use Underpin\Job\WiringMethod;
use Underpin\Refused;
use Underpin\Say;
use Underpin\Sizing\Supply;
use Underpin\Wiring\ConductorChoice;
use Underpin\Wiring\ConduitFill;
use Underpin\Wiring\GroundWire;
use Underpin\Wiring\VoltageDrop;

/**
 * From the machine's outlet, or its own terminals, to the first breaker at the house: the same for
 * every way that is wired in. Amperes, volts, feet.
 */
final readonly class GeneratorFeed
{
    private WireRun $run;

    private bool $hardWired;

    private int $outletAmps;

    private ?int $inletAmps;

    private ?VoltageDrop $cordDrop;

    private ConductorChoice $choice;

    public int $breakerAmps;

    /**
     * @param  ?int  $mostAmps  what the switch takes at most; null: nothing limits it
     * @param  bool  $cordStays  the cord is attached at the house for good, in a box in place of an inlet
     *
     * @throws Refused when no conductor of the tables carries what the outlet gives
     */
    public function __construct(
        private Situation $situation, private Supply $supply, private ?int $mostAmps = null, private bool $cordStays = false,
    ) {
        $hottest = $situation->job->site->hottestC();
        $run = $hottest === null ? $situation->job->wire : $situation->job->wire->atLeast($hottest);
        $largest = max($supply->machine->outletAmps, $run->inletAmps ?? 0);
        $this->run = $run->withTerminals(Terminals::countedC($run->terminalC, $largest));
        $machine = $supply->machine;
        $this->hardWired = $machine->outlet === Outlet::Terminals;
        $this->outletAmps = $machine->outletAmps;
        $this->inletAmps = $this->hardWired || $cordStays ? null : $this->run->inletAmps ?? $this->outletAmps;
        $this->cordDrop = $this->hardWired || $this->run->cordFt === null
            ? null
            : VoltageDrop::along(Material::Copper, $this->cordSize(), $this->run->cordFt, $this->outletAmps, $machine->volts);
        $spareV = $machine->volts * DropLimits::RECOMMENDED_PCT / 100 - ($this->cordDrop->dropV ?? 0.0);
        $this->choice = ConductorChoice::smallest($this->run, $this->needAmps(), $this->outletAmps, $machine->volts, $spareV);
        $this->breakerAmps = min(
            $this->outletAmps, $this->inletAmps ?? $this->outletAmps, $this->choice->ampacity->maxBreakerAmps,
            $mostAmps ?? $this->outletAmps,
        );
    }

    /**
     * @param  list<Element>  $more  what the way adds at the house; what the breaker sits in is among them
     */
    public function assembly(FirstBreaker $first, array $more): Assembly
    {
        $poles = $this->supply->feedsBothLegs() || $first->spaces !== [] ? 2 : 1;
        $line = new Line($first->name, "$this->breakerAmps A, ".(
            $this->supply->feedsBothLegs() ? 'two-pole' : $first->onOneHot
        ), sprintf(
            'The smallest of %s %d A,%s conductor %d A%s%s.',
            $this->hardWired ? 'the machine' : 'outlet', $this->outletAmps, $this->cordStays ? " cord $this->outletAmps A,"
                : ($this->inletAmps === null ? '' : " cord $this->outletAmps A, inlet $this->inletAmps A,"),
            $this->choice->ampacity->maxBreakerAmps, $this->mostAmps === null ? '' : ", switch $this->mostAmps A", $first->held,
        ), $first->rule);
        $breaker = new Component(
            'breaker', ComponentKind::Breaker, $first->name, $this->breakerAmps, $this->supply->machine->volts, $poles, '', $first->panel,
            $first->spaces, [$line], $first->inside,
        );

        return new Assembly([
            ...($this->hardWired ? $this->atTheMachine() : $this->throughACord()),
            $breaker, $this->fixedRun($first), ...$more,
        ], $this->missing());
    }

    /** @return list<Component> */
    private function atTheMachine(): array
    {
        $line = new Line(
            'At the machine', "its own terminals, $this->outletAmps A breaker",
            'Wired in; the machine\'s breaker protects the run to the panel. Control wires lie apart from power wires.',
            Source::nec('445.13, 725.136'),
        );

        return [
            new Component(
                'generator', ComponentKind::Generator, $this->supply->machine->name, $this->outletAmps, $this->supply->machine->volts,
                lines: [$line], task: Task::StandbySet,
            ),
        ];
    }

    /** @return list<Component|Conductor> */
    private function throughACord(): array
    {
        $machine = $this->supply->machine;
        $outlet = $machine->outlet;
        $inletAmps = (int) $this->inletAmps;
        $size = $this->cordSize();
        $length = $this->run->cordFt === null ? 'length to be measured' : number_format($this->run->cordFt).' ft';
        $atOutlet = new Line(
            'Outlet', "$outlet->value, $machine->volts V, $this->outletAmps A",
            'The live side is always the female side: an outlet ends in R, what goes into it in P.', new Source('NEMA WD 6', ''),
        );
        $away = $machine->form->isBattery() ? '' : sprintf(
            ' Long enough, with slack, to stand the machine %s ft from the house.', number_format($this->rules()->portableFt),
        );
        $end = $this->cordStays ? 'attached at the house' : 'to female connector';
        $cord = new Line('Cord', $size->words().", {$outlet->plug()} $end, $length", ($this->cordStays
            ? 'Male at the machine; its other end stays in the box, with a strain relief.'
            : 'Male at the machine, female at the inlet, never two male ends.').$away, Source::nec('Table 400.5(A)(1), 406.7'));
        $atInlet = new Line('Inlet', "{$this->inletName()}, $inletAmps A, wet-rated, recessed male pins", match (true) {
            $inletAmps > $this->outletAmps => 'Larger than today\'s outlet, for a larger machine later; the breaker follows the outlet. '
                .'The cord then ends '
                    .'in a connector for this inlet.',
            $inletAmps < $this->outletAmps => "Smaller than the outlet: the machine can push $this->outletAmps A through it. "
                .'Choose an inlet of at least '
                    ."$this->outletAmps A.",
            default => 'The same rating as the outlet. Screwed to framing, not to siding, and where it can be reached at night.',
        }, Source::nec('702.7, 406.7, 110.11'));

        $atHouse = $this->cordStays
            ? new Component('cord-box', ComponentKind::Box, 'Box of the attached cord', $this->outletAmps, $machine->volts,
                task: Task::AttachedCord)
            : new Component(
                'inlet', ComponentKind::Inlet, 'Inlet', $inletAmps, $machine->volts, designation: $this->inletName(), lines: [$atInlet],
                task: Task::inlet($inletAmps),
            );

        return [
            new Component('generator', ComponentKind::Generator, $machine->name, $this->outletAmps, $machine->volts),
            new Component(
                'outlet', ComponentKind::Outlet, 'Outlet', $this->outletAmps, $machine->volts, designation: $outlet->value,
                lines: [$atOutlet], inside: 'generator',
            ),
            new Conductor(
                'cord', ConductorKind::Cord, 'outlet', $atHouse->id, Bundle::wires(
                    'cord', Bundle::of($this->supply->feedsBothLegs()), Ends::plug('outlet', $this->supply->feedsBothLegs()),
                    Ends::plug($atHouse->id, $this->supply->feedsBothLegs()), $size,
                ), $size, Material::Copper, $this->run->cordFt, $this->outletAmps, $machine->volts, null, $this->cordDrop, [$cord],
            ),
            $atHouse,
        ];
    }

    private function fixedRun(FirstBreaker $first): Conductor
    {
        $size = $this->choice->forDrop ?? $this->choice->size;
        $volts = (float) $this->supply->machine->volts;
        $length = $this->run->lengthFt();
        $drop = $length === null
            ? null
            : VoltageDrop::along($this->run->material, $size, $length, $this->outletAmps, $volts);
        $ground = GroundWire::size($this->needAmps(), $this->run->material, $this->choice->size, $size);
        $hot = new Line(
            'Conductors', $size->words().' '.$this->run->material->words().', '.$this->run->method->words(), $this->whyThisSize(),
            Source::nec('310.16, 110.14(C), 240.4(D)'),
        );
        $lines = [
            WireRole::HotA->value => $hot, WireRole::HotB->value => $hot,
            WireRole::Neutral->value => new Line(
                'Neutral', $size->words().', as large as the hots', $this->supply->feedsBothLegs()
                    ? 'With everything on one leg it carries all of it.'
                    : 'On one hot wire nothing cancels: it carries as much as the hot.',
                Source::nec('220.61'),
            ),
            WireRole::Ground->value => new Line(
                'Equipment ground', "{$ground->words()} {$this->run->material->words()}, with the hots", $this->choice->forDrop === null
                    ? "For the {$this->needAmps()} A that the run is made for. Without it a fault has no way back and no breaker opens."
                    : "For the {$this->needAmps()} A that the run is made for, enlarged in the same proportion as the hots, which "
                        .'are larger for voltage drop (250.122(B)).',
                Source::nec('250.118, 250.122'),
            ),
        ];
        $wires = Bundle::wires(
            'run', Bundle::of($this->supply->feedsBothLegs()), $this->begins($first), $this->ends($first), $size, $ground,
            $this->run->material, $lines,
        );

        return new Conductor(
            'run', ConductorKind::Run, $this->comesFrom(), $first->isAtMachine() ? $first->feeds : 'breaker', $wires, $size,
            $this->run->material, $length, $this->outletAmps, $volts, $this->choice, $drop,
            [$this->raceway($size, $ground), ...RunRows::of($this->run, $this->supply, $this->cordDrop, $drop)],
        );
    }

    private function begins(FirstBreaker $first): Ends
    {
        return match (true) {
            ! $this->hardWired => Ends::plug($this->comesFrom(), $this->supply->feedsBothLegs()),
            $first->isAtMachine() => Ends::breaker('breaker', 'generator'),
            default => Ends::side('generator', ''),
        };
    }

    private function ends(FirstBreaker $first): Ends
    {
        return $first->isAtMachine() ? Ends::side($first->feeds, 'generator') : Ends::breaker('breaker', $first->inside);
    }

    /** Id of what the run begins at. */
    private function comesFrom(): string
    {
        return $this->hardWired ? 'generator' : ($this->cordStays ? 'cord-box' : 'inlet');
    }

    /** The conductors counted, and the smallest raceway that holds them. */
    private function raceway(ConductorSize $size, ConductorSize $ground): Line
    {
        $hots = $this->hots();
        $counted = Say::count($hots, 'hot').', 1 neutral, 1 ground';
        if ($this->run->method === WiringMethod::Cable) {
            return new Line(
                'Cable', "{$size->value}/".($hots + 1).' with ground', "$counted in one cable.", Source::nec('300.3(B), Article 334'),
            );
        }
        $conductors = $size === $ground ? [[$size, $hots + 2]] : [[$size, $hots + 1], [$ground, 1]];
        $chosen = $this->run->laying->raceway;
        $kinds = $chosen === null ? [Conduit::Emt, Conduit::Pvc40] : [$chosen];
        $fits = [];
        foreach ($kinds as $kind) {
            $trade = ConduitFill::smallestFor($kind, $conductors);
            array_push($fits, ...$trade === null ? [] : ["{$kind->words()} $trade->value"]);
        }
        $trade = $this->run->laying->trade;
        $fill = $chosen === null || $trade === null || $chosen->areaIn2($trade) === null
            ? null
            : ConduitFill::of($chosen, $trade, $conductors);

        return new Line('Raceway', match (true) {
            $fits === [] => 'none up to trade size 3 holds them',
            $fill !== null => "{$chosen->words()} $trade->value, filled to ".Say::pct($fill->fillPct),
            default => 'at least '.implode(' or ', $fits),
        }, "$counted in one raceway, filled to 40 % at most".($fill === null || $fits === [] ? '.' : "; the smallest is $fits[0]."),
            Source::nec('300.3(B), Chapter 9'));
    }

    private function whyThisSize(): string
    {
        $why = sprintf(
            '%s carries %s usable at %d °C terminals%s and %s; %s A are needed.',
            $this->choice->size->words(), Say::amps($this->choice->ampacity->usableAmps), $this->run->terminalC,
            $this->needAmps() > Terminals::AT_60_UP_TO_A ? ' (over 100 A)' : '', $this->ambient(), number_format($this->needAmps()),
        );

        return $this->choice->forDrop === null ? $why : $why." {$this->choice->forDrop->words()} keeps the voltage drop within 3 %.";
    }

    private function ambient(): string
    {
        $hottest = $this->situation->job->site->hottestC();
        $around = Say::ambient($this->run->ambientC);

        return match (true) {
            $hottest === null => "$around around it, with the hottest day not known",
            $hottest > $this->situation->job->wire->ambientC => "$around, the hottest day of the survey",
            default => "$around around it",
        };
    }

    /** @return list<string> */
    private function missing(): array
    {
        return array_keys(array_filter([
            'the cord\'s length' => ! $this->hardWired && $this->run->cordFt === null,
            'the length of the run to the panel' => $this->run->runFt === null,
        ]));
    }

    private function inletName(): string
    {
        return match (true) {
            $this->inletAmps === $this->outletAmps => $this->supply->machine->outlet->plug(),
            ! $this->supply->feedsBothLegs() => '120 V',
            $this->inletAmps === 20 => 'L14-20P',
            $this->inletAmps === 50 => '14-50P or a locking form',
            default => 'L14-30P',
        };
    }

    private function needAmps(): int
    {
        return max($this->outletAmps, $this->inletAmps ?? 0);
    }

    private function cordSize(): ConductorSize
    {
        return FlexibleCords::size($this->outletAmps);
    }

    private function hots(): int
    {
        return $this->supply->feedsBothLegs() ? 2 : 1;
    }

    private function rules(): LocalRules
    {
        return $this->situation->job->authority->rules;
    }
}
