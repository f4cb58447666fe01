<?php

declare(strict_types=1);

namespace Underpin\Drawing\OneLine;

use Underpin\Assembly\Assembly;
use Underpin\Assembly\Component;
use Underpin\Assembly\ComponentKind;
use Underpin\Assembly\ConductorKind;
use Underpin\Connection\TransferKind;
use Underpin\Connection\TransferPoint;
use Underpin\Design\Design;
use Underpin\Drawing\Anchor;
use Underpin\Drawing\Box;
use Underpin\Drawing\Drawing;
use Underpin\Drawing\Element\Element;
use Underpin\Drawing\Element\Link;
use Underpin\Drawing\Element\Path;
use Underpin\Drawing\Element\Rect;
use Underpin\Drawing\Element\Text;
use Underpin\Drawing\Element\Trace;
use Underpin\Drawing\Layer;
use Underpin\Drawing\Sheet;
use Underpin\Drawing\Spot;
use Underpin\Job\Job;
use Underpin\Say;
use Underpin\Service\DistributionPoint;
use Underpin\Sizing\FaultCurrent;

/**
 * Both sources and where they meet: the utility comes down on the left, the generator on the right, and between them lies a band for
 * every point of transfer, one below the other. So nothing crosses, however many there are.
 */
final readonly class OneLine
{
    private const WIDTH = 1060.0;

    private const UTILITY_X = 64.0;

    private const GENERATOR_X = 996.0;

    private const FIRST_Y = 64.0;

    private const STEP = 74.0;

    private const DISCONNECT = [120.0, 190.0];

    private const MIDDLE = [350.0, 336.0];

    private const BAND_GAP = 34.0;

    private const LINE = 20.0;

    /** letters that a box of the middle, and one of a disconnect, have room for */
    private const LETTERS = 37;

    private const SHORT = 20;

    /** @var list<TransferPoint> */
    private array $points;

    private ?Assembly $built;

    private Job $job;

    private OneLineWords $words;

    public function __construct(private Design $design)
    {
        $this->words = new OneLineWords($design);
        $this->points = $design->way()?->transfers($design->situation()) ?? [];
        $this->built = $design->assembly();
        $this->job = $design->job;
    }

    public function drawing(): Drawing
    {
        $wires = $symbols = $notes = [];
        foreach ([$this->utility(), $this->generator(), ...$this->bands()] as [$w, $s, $n]) {
            array_push($wires, ...$w);
            array_push($symbols, ...$s);
            array_push($notes, ...$n);
        }
        $draft = $this->draft();

        return new Drawing('One-line diagram', Sheet::diagram(self::WIDTH, $this->bottom() + ($draft === '' ? 10 : 40)), [
            new Layer('conductors', $wires), new Layer('equipment', $symbols),
            new Layer('notes', [...$notes, ...$draft === '' ? [] : [new Text(12, $this->bottom() + 24, $draft, OneLineInk::Draft)]]),
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
        $ends = array_map(fn (int $i): float => $this->top($i) + self::LINE * 2, array_keys($this->points === [] ? [0] : $this->points));
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
            $symbols[] = self::part(match ($symbol) {
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
        $ends = array_map(fn (int $i): float => $this->top($i) + self::LINE * 2, array_keys($this->points));
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

    /** @return list<array{list<Element>, list<Element>, list<Element>}> */
    private function bands(): array
    {
        return array_map($this->band(...), array_keys($this->points), $this->points);
    }

    /** @return array{list<Element>, list<Element>, list<Element>} */
    private function band(int $i, TransferPoint $point): array
    {
        $top = $this->top($i);
        $y = $top + self::LINE * 2;
        [$x, $w] = self::MIDDLE;
        $box = new Box($x, $top, $w, $this->height($point) - self::BAND_GAP);
        $lines = $this->words->lines($point);
        $isCircuits = $point->kind === TransferKind::Circuits;
        $textTop = $top + self::LINE * ($point->kind === TransferKind::Plate ? 4.6 : 5.2);
        $id = $point->kind === TransferKind::Plate ? 'interlock' : ($i === 0 ? 'switch' : 'switch-'.($i + 1));
        $symbols = [self::part(
            $id, $this->words->title($point), [new Rect($box, OneLineInk::Box, 6), ...$this->meeting($point, $box, $y)],
        )];
        $notes = [
            new Text(
                $box->centre(), $top + 22, mb_strimwidth($this->words->title($point), 0, self::LETTERS, '…'), OneLineInk::Name,
                Anchor::Middle,
            ),
        ];
        foreach ($lines as $n => $line) {
            $notes[] = new Text($x + 16, $textTop + $n * self::LINE, mb_strimwidth($line, 0, self::LETTERS + 5, '…'), OneLineInk::Note);
        }
        $node = $point->panel === null ? null : $this->design->distribution()->node($point->panel->id);
        if ($node?->bonded === true && ! $isCircuits) {
            array_push($symbols, ...OneLineSymbols::bond($box->right() - 26, $box->bottom() - 18));
            $notes[] = new Text($box->right() - 42, $box->bottom() - 10, 'N–G bond', OneLineInk::BondNote, Anchor::End);
        }
        [$left, $leftNotes, $from] = $this->disconnect($node, $y);
        $run = $this->built?->conductor(ConductorKind::Run);
        $breaker = $this->isAtMachine() ? null : $this->built?->component(ComponentKind::Breaker);
        $notes = [
            ...$notes, ...$leftNotes,
            ...$run === null ? [] : [new Text(
                $box->right() + 14, $y - 9, count($this->points) > 1 ? 'tap '.($i + 1) : OneLineWords::conductor($run, 'run'),
                OneLineInk::Note,
            )],
            ...$breaker === null ? [] : [new Text(
                self::GENERATOR_X - 16, $y + 26, "$breaker->name, $breaker->amps A", OneLineInk::Note, Anchor::End,
            )],
        ];
        $outside = $breaker !== null && $point->kind !== TransferKind::Plate;
        $symbols = [
            ...$symbols, ...$left,
            ...$outside ? OneLineSymbols::breaker($box->right() + 240, $y, OneLineInk::Generators) : [],
        ];

        return [[
            new Path([Trace::through([self::UTILITY_X, $y], [$from, $y])], OneLineInk::Conductor),
            ...$from === $box->x ? [] : [
                new Path([Trace::through([self::DISCONNECT[0] + self::DISCONNECT[1], $y], [$box->x, $y])], OneLineInk::Conductor),
            ],
            ...$this->built === null ? [] : [
                new Path([Trace::through([$box->right(), $y], [self::GENERATOR_X, $y])], OneLineInk::Generators),
            ],
        ], $symbols, $notes];
    }

    /** @return list<Element> what is drawn inside the box */
    private function meeting(TransferPoint $point, Box $box, float $y): array
    {
        if ($point->kind !== TransferKind::Plate) {
            return OneLineSymbols::transfer($box->centre(), $y, $box->w / 2);
        }

        return [
            new Path([Trace::through([$box->x, $y], [$box->centre(), $y])], OneLineInk::Conductor),
            new Path([Trace::through([$box->centre(), $y], [$box->right(), $y])], OneLineInk::Generators),
            ...OneLineSymbols::breaker($box->x + 60, $y, OneLineInk::Conductor),
            ...OneLineSymbols::breaker($box->right() - 60, $y, OneLineInk::Generators),
            new Path(
                [
                    Trace::through(
                        [$box->x + 60, $y + 8], [$box->x + 60, $y + 24], [$box->right() - 60, $y + 24], [$box->right() - 60, $y + 8],
                    ),
                ],
                OneLineInk::Lock,
            ),
        ];
    }

    /**
     * The disconnect ahead of a panel, where there is one.
     *
     * @return array{list<Element>, list<Element>, float} symbols, notes, and where the utility's line ends
     */
    private function disconnect(?DistributionPoint $node, float $y): array
    {
        $ahead = $node?->parent === null ? null : $this->job->service->disconnect($node->parent);
        if ($ahead === null) {
            return [[], [], self::MIDDLE[0]];
        }
        [$x, $w] = self::DISCONNECT;
        $box = new Box($x, $y - 34, $w, 68);

        return [[
            new Rect($box, OneLineInk::Box, 6),
            ...$ahead->bonded === true ? OneLineSymbols::bond($box->right() - 22, $box->bottom() - 18) : [],
        ], [
            new Text($x + 12, $y - 12, mb_strimwidth($ahead->name, 0, self::SHORT, '…'), OneLineInk::Name),
            new Text($x + 12, $y + 7, "$ahead->amps A", OneLineInk::Note),
            new Text(
                $x + 12, $y + 26, $ahead->bonded === true ? 'N–G bond' : 'no bond',
                $ahead->bonded === true ? OneLineInk::BondNote : OneLineInk::Note,
            ),
        ], $x];
    }

    /**
     * What leads to its row of the wire table.
     *
     * @param  list<Element>  $elements
     */
    private static function part(string $id, string $spoken, array $elements): Link
    {
        return new Link(Spot::part($id), 'ol-link', '', $spoken, '', false, [], $elements);
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

    private function top(int $i): float
    {
        $first = self::FIRST_Y + max(2, count($this->chain())) * self::STEP;

        return $first + array_sum(array_map($this->height(...), array_slice($this->points, 0, $i)));
    }

    private function height(TransferPoint $point): float
    {
        return self::LINE * (6.2 + count($this->words->lines($point))) + self::BAND_GAP;
    }

    private function bottom(): float
    {
        return $this->top(count($this->points));
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
