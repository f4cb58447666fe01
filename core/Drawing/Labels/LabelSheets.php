<?php

declare(strict_types=1);

namespace Underpin\Drawing\Labels;

use Underpin\Assembly\Assembly;
use Underpin\Assembly\ConductorKind;
use Underpin\Assembly\Sign;
use Underpin\Assembly\Terminal;
use Underpin\Assembly\WireRole;
use Underpin\Design\Design;
use Underpin\Drawing\DesignDrawing;
use Underpin\Drawing\Drawing;
use Underpin\Drawing\Layer;
use Underpin\Drawing\Sheet;

/** The signs of a design with their words, and a tag for each new conductor, to be printed and cut. NEC 2023 110.21(B), 702.7. */
final class LabelSheets implements DesignDrawing
{
    private const WIDTH = 720.0;

    private const HEIGHT = 900.0;

    private const GAP = 12.0;

    public function key(): string
    {
        return 'labels';
    }

    public function title(): string
    {
        return 'Labels and signs';
    }

    public function sheets(Design $design): array
    {
        $built = $design->assembly();
        if ($built === null) {
            return [];
        }
        $labels = [...array_map(fn (Sign $s): Label => Label::ofSign($s), $built->signs()), ...$this->tags($built)];
        $pages = $this->pages($labels);

        return array_map(fn (array $page, int $n): Drawing => new Drawing(
            'Labels and signs'.(count($pages) === 1 ? '' : ', sheet '.($n + 1)), Sheet::diagram(self::WIDTH, $page[1]),
            [new Layer('labels', $page[0])], $page[2],
        ), $pages, array_keys($pages));
    }

    /** @return list<Label> a tag for each conductor that is new and stays: one at either end */
    private function tags(Assembly $built): array
    {
        $names = [];
        foreach ($built->components() as $component) {
            $names[$component->id] = $component->name.($component->inside === null ? '' : ', '.($names[$component->inside] ?? ''));
        }
        $tags = [];
        foreach ($built->conductors() as $conductor) {
            foreach (in_array($conductor->kind, [ConductorKind::Cord, ConductorKind::Found], true) ? [] : $conductor->wires as $wire) {
                $what = $conductor->kind === ConductorKind::Branch ? $wire->line?->part : null;
                $role = $wire->role === WireRole::Ground ? 'ground' : $wire->role->words();
                $tags[] = Label::tag(
                    ($what ?? ucfirst($conductor->kind->words())).", $role", $this->end($names, $wire->from), $this->end($names, $wire->to),
                );
            }
        }

        return $tags;
    }

    /** @param  array<string, string>  $names  of the components */
    private function end(array $names, Terminal $terminal): string
    {
        return trim("$terminal->name, {$names[$terminal->component]}", ', ');
    }

    /**
     * In rows, from the top of a sheet down, on as many sheets as it takes.
     *
     * @param  list<Label>  $labels
     * @return list<array{list<\Underpin\Drawing\Element\Element>, float, list<list<string>>}> elements, height and words of each sheet
     */
    private function pages(array $labels): array
    {
        $pages = [];
        $elements = [];
        $twin = [['Label', 'Words', 'Where']];
        [$x, $y, $row] = [0.0, 0.0, 0.0];
        foreach ($labels as $label) {
            if ($x + $label->width > self::WIDTH + 0.5 || ($row > 0 && $label->height !== $row && $x === 0.0)) {
                [$x, $y, $row] = [0.0, $y + $row + self::GAP, 0.0];
            }
            if ($y + $label->height > self::HEIGHT) {
                $pages[] = [$elements, $y, $twin];
                [$elements, $twin, $x, $y, $row] = [[], [$twin[0]], 0.0, 0.0, 0.0];
            }
            array_push($elements, ...$label->elements($x, $y));
            $twin[] = $label->words();
            $x += $label->width + self::GAP;
            $row = max($row, $label->height);
        }

        return $elements === [] ? $pages : [...$pages, [$elements, $y + $row + self::GAP, $twin]];
    }
}
