<?php

declare(strict_types=1);

namespace Underpin\Drawing\OneLine;

use Underpin\Assembly\Assembly;
use Underpin\Assembly\Component;
use Underpin\Assembly\ComponentKind;
use Underpin\Assembly\ConductorKind;
use Underpin\Connection\TransferPoint;
use Underpin\Design\Design;
use Underpin\Drawing\Anchor;
use Underpin\Drawing\Drawing;
use Underpin\Drawing\Element\Element;
use Underpin\Drawing\Element\Path;
use Underpin\Drawing\Element\Text;
use Underpin\Drawing\Element\Trace;
use Underpin\Drawing\Layer;
use Underpin\Drawing\Sheet;
use Underpin\Job\Job;
use Underpin\Say;
use Underpin\Sizing\FaultCurrent;

/**
 * Both sources and where they meet: the utility comes down on the left, the generator on the right, and between them lies a band for
 * every point of transfer, one below the other. So nothing crosses, however many there are.
 */
final readonly class OneLine
{
    private const WIDTH = 1060.0;

    public const UTILITY_X = 64.0;

    public const GENERATOR_X = 996.0;

    private const FIRST_Y = 64.0;

    private const STEP = 74.0;

    /** @var list<TransferPoint> */
    private array $points;

    private ?Assembly $built;

    private Job $job;

    private OneLineWords $words;

    private TransferBands $bands;

    public function __construct(private Design $design)
    {
        $this->words = new OneLineWords($design);
        $this->points = $design->way()?->transfers($design->situation()) ?? [];
        $this->built = $design->assembly();
        $this->job = $design->job;
        $this->bands = new TransferBands(
            $design, $this->points, $this->isAtMachine() ? null : $this->built?->component(ComponentKind::Breaker),
            self::FIRST_Y + max(2, count($this->chain())) * self::STEP,
        );
    }

    public function drawing(): Drawing
    {
        $wires = $symbols = $notes = [];
        foreach ([$this->utility(), $this->generator(), ...$this->bands->all()] as [$w, $s, $n]) {
            array_push($wires, ...$w);
            array_push($symbols, ...$s);
            array_push($notes, ...$n);
        }
        $draft = $this->draft();

        return new Drawing('One-line diagram', Sheet::diagram(self::WIDTH, $this->bands->bottom() + ($draft === '' ? 10 : 40)), [
            new Layer('conductors', $wires), new Layer('equipment', $symbols),
            new Layer('notes', [...$notes, ...$draft === '' ? [] : [new Text(12, $this->bands->bottom() + 24, $draft, OneLineInk::Draft)]]),
        ], $this->twin());
    }

    /** Why it is no more than a draft; empty: it is one that can be built. */
    private function draft(): string
    {
        $verdict = $this->design->connection();

        return match (true) {
            $verdict === null => 'Draft: no way of connecting is picked.',
            $this->built === null => 'Draft: no machine is picked, or no conductor fits.',
            $verdict->possible->value !== 'yes' => "Draft: {$verdict->here()}.",
            default => '',
        };
    }

    /** @return array{list<Element>, list<Element>, list<Element>} wires, symbols, notes */
    private function utility(): array
    {
        $x = self::UTILITY_X;
        $meter = self::FIRST_Y + self::STEP;
        $ends = array_map(fn (int $i): float => $this->bands->crossing($i), array_keys($this->points === [] ? [0] : $this->points));
        $beside = fn (float $y, string $name, string $note): array => [
            new Text($x + 36, $y, $name, OneLineInk::Name), new Text($x + 36, $y + 19, $note, OneLineInk::Note),
        ];
        $service = $this->job->service->amps;

        return [
            [new Path([Trace::through([$x, self::FIRST_Y + 18], [$x, max($ends)])], OneLineInk::Conductor)],
            [...OneLineSymbols::utility($x, self::FIRST_Y), ...OneLineSymbols::machine($x, $meter, 'M')],
            [
                ...$beside(self::FIRST_Y - 6, 'Utility', $this->utilityFault()),
                ...$beside($meter - 4, 'Meter', $service === null ? 'service: not looked' : "service $service A"),
            ],
        ];
    }

    private function utilityFault(): string
    {
        $amps = $this->job->connection->utilityFaultAmps;

        return '120/240 V; '.($amps === null ? 'ask for its fault current' : 'fault current '.number_format($amps).' A');
    }

    /** @return array{list<Element>, list<Element>, list<Element>} */
    private function generator(): array
    {
        $x = self::GENERATOR_X;
        $chain = $this->chain();
        $symbols = $notes = [];
        foreach ($chain as $i => [$symbol, $name, $lines]) {
            $y = self::FIRST_Y + $i * self::STEP;
            $said = $symbol === 'G' ? "G, $name" : $name;
            $symbols[] = OneLineSymbols::part(match ($symbol) {
                'G' => 'generator',
                'breaker' => 'breaker',
                default => str_starts_with($name, 'Inlet') ? 'inlet' : 'outlet',
            }, $said, match ($symbol) {
                'G' => OneLineSymbols::machine($x, $y, 'G'),
                'breaker' => OneLineSymbols::breaker($x, $y, OneLineInk::Generators),
                default => OneLineSymbols::plug($x, $y),
            });
            $notes[] = new Text($x - 38, $y - 6, mb_strimwidth($name, 0, 44, '…'), OneLineInk::Name, Anchor::End);
            foreach ($lines as $n => $line) {
                $notes[] = new Text($x - 38, $y + 13 + $n * 17, $line, OneLineInk::Note, Anchor::End);
            }
        }
        $ends = array_map(fn (int $i): float => $this->bands->crossing($i), array_keys($this->points));
        if ($this->bonded() === true) {
            array_push($symbols, ...OneLineSymbols::bond($x + 38, self::FIRST_Y + 12));
        }
        $last = self::FIRST_Y + (count($chain) - 1) * self::STEP;

        return [
            $chain === [] ? [] : [
                new Path(
                    [Trace::through([$x, self::FIRST_Y + OneLineSymbols::R], [$x, max([$last + 12, ...$ends])])], OneLineInk::Generators,
                ),
            ],
            $symbols, $notes,
        ];
    }

    /** @return list<array{string, string, list<string>}> symbol, name and notes from the machine towards the house */
    private function chain(): array
    {
        $supply = $this->design->supply();
        if ($supply === null) {
            return [];
        }
        $machine = $supply->machine;
        $fault = FaultCurrent::of($machine);
        $neutral = match ($this->bonded()) {
            true => 'neutral bonded to its frame',
            false => 'neutral floats',
            null => 'neutral: not known',
        };
        $chain = [['G', $machine->name, [
            ($machine->volts === 240 ? '120/240 V' : '120 V').', '.Say::watts($supply->runW()).", $neutral",
            'fault current about '.number_format($fault->amps).' A'.($fault->isUsual ? ', by usual figures' : ''),
        ]]];
        $breaker = $this->isAtMachine() ? $this->built?->component(ComponentKind::Breaker) : null;
        if ($breaker !== null) {
            $run = count($this->points) > 1 ? $this->built->conductor(ConductorKind::Run) : null;
            $chain[] = ['breaker', "$breaker->name, $breaker->amps A", $run === null ? [] : [OneLineWords::conductor($run, 'run')]];
        }
        $cord = $this->built?->conductor(ConductorKind::Cord);
        $outlet = $this->built?->component(ComponentKind::Outlet);
        if ($outlet !== null) {
            $chain[] = [
                'plug', "Outlet $outlet->designation, $outlet->amps A", $cord === null ? [] : [OneLineWords::conductor($cord, 'cord')],
            ];
        }
        $inlet = $this->built?->component(ComponentKind::Inlet);
        if ($inlet !== null) {
            $chain[] = ['plug', "Inlet $inlet->designation, $inlet->amps A", []];
        }

        return $chain;
    }

    /** The breaker that the run begins with sits in the machine: nobody stands at the house to close one. */
    private function isAtMachine(): bool
    {
        return $this->design->way()?->transfersByItself() === true;
    }

    private function bonded(): ?bool
    {
        $bond = $this->design->supply()?->machine->bond;

        return $bond === null ? null : $bond->value === 'bonded';
    }

    /** @return list<list<string>> the same in words, a heading and a row for each part */
    private function twin(): array
    {
        $rows = [['Part', 'Rating', 'Notes']];
        $rows[] = ['Utility', '120/240 V', $this->utilityFault()];
        $rows[] = ['Meter', $this->job->service->amps === null ? 'not looked' : "{$this->job->service->amps} A", ''];
        foreach ($this->chain() as [, $name, $lines]) {
            $rows[] = [$name, '', implode('; ', $lines)];
        }
        foreach ($this->built?->components() ?? [] as $component) {
            $rows[] = $this->twinOf($component);
        }
        foreach ($this->built?->conductors() ?? [] as $conductor) {
            $rows[] = [
                "From $conductor->from to $conductor->to", Say::figure($conductor->amps).' A',
                OneLineWords::conductor($conductor, $conductor->kind->value),
            ];
        }
        foreach ($this->points as $point) {
            $rows[] = [
                $this->words->title($point), $point->amps === null ? '' : "$point->amps A", implode('; ', $this->words->lines($point)),
            ];
        }

        return $rows;
    }

    /** @return list<string> */
    private function twinOf(Component $component): array
    {
        return [$component->name, $component->amps === null ? '' : "$component->amps A", $component->designation];
    }
}
