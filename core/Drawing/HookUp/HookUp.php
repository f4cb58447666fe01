<?php

declare(strict_types=1);

namespace Underpin\Drawing\HookUp;

use Underpin\Assembly\Assembly;
use Underpin\Assembly\Conductor;
use Underpin\Assembly\ConductorKind;
use Underpin\Assembly\Wire;
use Underpin\Drawing\Anchor;
use Underpin\Drawing\Drawing;
use Underpin\Drawing\Element\Circle;
use Underpin\Drawing\Element\Element;
use Underpin\Drawing\Element\Group;
use Underpin\Drawing\Element\Link;
use Underpin\Drawing\Element\Path;
use Underpin\Drawing\Element\Rect;
use Underpin\Drawing\Element\Text;
use Underpin\Drawing\Element\Trace;
use Underpin\Drawing\Layer;
use Underpin\Drawing\OneLine\OneLineSymbols;
use Underpin\Drawing\Sheet;
use Underpin\Drawing\Spot;

/** Every conductor with its colour and the terminal at both of its ends. */
final readonly class HookUp
{
    private const LEGEND = 46.0;

    private HookUpLayout $at;

    public function __construct(private Assembly $built)
    {
        $this->at = new HookUpLayout($built);
    }

    public function drawing(): Drawing
    {
        return new Drawing('Hook-up diagram', Sheet::diagram(max(560.0, $this->at->width()), $this->at->height() + self::LEGEND), [
            new Layer('conductors', array_map($this->wire(...), $this->at->runs())),
            new Layer('equipment', array_merge([], ...array_map($this->box(...), array_values($this->at->boxes())))),
            new Layer('notes', [new Text(
                12, $this->at->height() + 26,
                'Colors are those of the insulation. A pale band behind a conductor: it is there, and stays. Ground first on, last off.',
                HookUpInk::Note,
            )]),
        ], $this->twin());
    }

    /** @param  array{Wire, Conductor, list<array{float, float}>}  $run */
    private function wire(array $run): Element
    {
        [$wire, $conductor, $corners] = $run;
        $trace = Trace::through(...$corners);
        $isFound = $conductor->kind === ConductorKind::Found;

        $elements = [
            new Path([$trace], $isFound ? HookUpInk::FoundEdge : HookUpInk::Edge),
            new Path([$trace], HookUpInk::of($wire->role->colour())),
            new Text($corners[0][0] + 9, $corners[0][1] - 5, self::label($wire), HookUpInk::Note),
        ];
        $spoken = self::label($wire).', '.self::spoken($wire, $conductor);

        return $this->hasRow($conductor->id)
            ? new Link(Spot::part($conductor->id), 'hu-link', '', $spoken, '', false, [], $elements)
            : new Group($spoken, $elements);
    }

    /** The wire table says something of it. */
    private function hasRow(string $part): bool
    {
        foreach ($this->built->rows() as $row) {
            if ($row->part === $part) {
                return true;
            }
        }

        return false;
    }

    private static function label(Wire $wire): string
    {
        return match ($wire->role->isHot()) {
            true => $wire->role->colour()->value,
            false => match ($wire->role->colour()->value) {
                'white' => 'white',
                'green or bare' => 'green',
                default => 'as marked',
            },
        }.($wire->size === null ? '' : " {$wire->size->value}");
    }

    private static function spoken(Wire $wire, Conductor $conductor): string
    {
        return "{$conductor->kind->words()}, {$wire->role->words()}, {$wire->words()}";
    }

    /** @return list<Element> */
    private function box(HookUpBox $box): array
    {
        $frame = $box->box();
        $head = [
            new Rect($frame, HookUpInk::Box, 7), new Text($frame->x + 10, $frame->y + 22, $box->name, HookUpInk::Name),
            new Text($frame->x + 10, $frame->y + 40, $box->rating, HookUpInk::Note),
        ];
        $elements = [...$this->screws($box, $box->left, true), ...$this->screws($box, $box->right, false)];
        if ($box->isBonded) {
            array_push($elements, ...OneLineSymbols::bond($frame->x + 20, $frame->bottom() - 16));
            $elements[] = new Text($frame->x + 36, $frame->bottom() - 12, 'N–G bond', HookUpInk::BondNote);
        }

        $spoken = trim("$box->name $box->rating");

        return [
            $this->hasRow($box->id)
                ? new Link(Spot::part($box->id), 'hu-link', '', $spoken, '', false, [], $head)
                : new Group($spoken, $head),
            ...$elements,
        ];
    }

    /**
     * @param  list<string>  $terminals
     * @return list<Element>
     */
    private function screws(HookUpBox $box, array $terminals, bool $onLeft): array
    {
        $elements = [];
        foreach ($terminals as $terminal) {
            [$x, $y] = $box->screw($terminal, $onLeft);
            $elements[] = new Circle($x, $y, 4.5, HookUpInk::Screw);
            $elements[] = new Text(
                $x + ($onLeft ? 9 : -9), $y + 4.5, HookUpBox::shown($terminal), HookUpInk::Terminal, $onLeft ? Anchor::Start : Anchor::End,
            );
        }

        return $elements;
    }

    /** @return list<list<string>> a row for each conductor */
    private function twin(): array
    {
        $rows = [['Conductor', 'Color and size', 'From', 'Terminal', 'To', 'Terminal']];
        foreach ($this->built->conductors() as $conductor) {
            foreach ($conductor->wires as $wire) {
                $rows[] = [
                    "{$conductor->kind->words()}, {$wire->role->words()}", $wire->words(), $this->name($wire->from->component),
                    $wire->from->name,
                    $this->name($wire->to->component), $wire->to->name,
                ];
            }
        }

        return $rows;
    }

    private function name(string $component): string
    {
        foreach ($this->built->components() as $each) {
            if ($each->id === $component) {
                $enclosure = $this->at->boxes()[$this->built->enclosure($component)] ?? null;

                return $enclosure === null || $enclosure->id === $component ? $each->name : "$each->name in $enclosure->name";
            }
        }

        return $component;
    }
}
