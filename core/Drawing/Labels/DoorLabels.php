<?php

declare(strict_types=1);

namespace Underpin\Drawing\Labels;

use Underpin\Connection\OwnerStep;
use Underpin\Design\Design;
use Underpin\Drawing\Box;
use Underpin\Drawing\DesignDrawing;
use Underpin\Drawing\Drawing;
use Underpin\Drawing\Element\Rect;
use Underpin\Drawing\Element\Text;
use Underpin\Drawing\Layer;
use Underpin\Drawing\Sheet;
use Underpin\Job\Circuit;

/** The card in short, as a label for the inside of the panel's door: the steps, the order, and back. */
final class DoorLabels implements DesignDrawing
{
    private const WIDTH = 430.0;

    private const LINE = 21.0;

    private const LETTERS = 50;

    public function key(): string
    {
        return 'door-label';
    }

    public function title(): string
    {
        return 'Label for the panel door';
    }

    public function sheets(Design $design): array
    {
        $way = $design->way();
        if ($way === null || $design->supply() === null) {
            return [];
        }
        $built = $design->assembly();
        $do = fn (OwnerStep $step): string => $step->do;
        $order = array_map(fn (Circuit $c): string => $c->title(), $design->startOrder());

        return [$this->label([
            ['To the generator', array_map($do, $way->toGenerator($design->situation(), $built))],
            ['In this order, one at a time', $order], ['Back to the utility', array_map($do, $way->back($design->situation(), $built))],
        ], $way->caution())];
    }

    /** @param  list<array{string, list<string>}>  $parts  heading and steps */
    private function label(array $parts, string $caution): Drawing
    {
        $elements = [];
        $table = [['Part', 'Step']];
        $y = 14.0;
        foreach ($parts as [$heading, $steps]) {
            $elements[] = new Rect(new Box(0, $y, self::WIDTH, 30), LabelInk::Band);
            $elements[] = new Text(10, $y + 22, mb_strtoupper($heading), LabelInk::Heading);
            $y += 52;
            foreach ($steps as $n => $step) {
                foreach (self::wrapped(($n + 1).'. '.$step) as $i => $line) {
                    $elements[] = new Text($i === 0 ? 10 : 28, $y, $line, LabelInk::Words);
                    $y += self::LINE;
                }
                $table[] = [$heading, $step];
            }
            $y += 4;
        }
        foreach (self::wrapped($caution) as $line) {
            $elements[] = new Text(10, $y + 8, $line, LabelInk::Place);
            $y += 17;
        }

        return new Drawing($this->title(), Sheet::diagram(self::WIDTH, $y + 20), [
            new Layer('label', [new Rect(new Box(0, 0, self::WIDTH, $y + 18), LabelInk::Cut), ...$elements]),
        ], $table);
    }

    /** @return list<string> the words in lines that fit */
    private static function wrapped(string $words): array
    {
        return explode("\n", wordwrap($words, self::LETTERS));
    }
}
