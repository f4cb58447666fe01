<?php

declare(strict_types=1);

namespace Underpin\Papers;

use Underpin\Checklist\Checklist;
use Underpin\Checklist\ChecklistStep;
use Underpin\Checks\Review;
use Underpin\Install\InstallList;

/** The checklist of the installation on paper: what is done with its reading, what is open with room to write. */
final class InstallSheet implements Paper
{
    public function key(): string
    {
        return 'install-checklist';
    }

    public function title(): string
    {
        return 'Checklist of the installation';
    }

    public function waitsFor(Review $review): string
    {
        return match (true) {
            $review->design->supply() === null => 'a machine is to be picked first',
            $review->design->way() === null => 'a way of connecting is to be picked first',
            InstallList::of($review->design) === [] => 'nothing is wired this way, or no conductor of the tables fits',
            default => '',
        };
    }

    public function blocks(Review $review, string $today): array
    {
        $list = new Checklist(InstallList::of($review->design), $review->design->job->work);
        $blocks = [Block::warning('Everything counts as live until it is proven dead. This list follows the design; the instructions of '
            .'the '
            .'equipment and the local authority come first.')];
        foreach ($list->groups() as $group) {
            array_push($blocks, Block::heading($group->title), Block::table([
                ['', 'Step', 'Reading', 'Initials, time'], ...array_map(fn (ChecklistStep $step): array => self::row($list, $step),
                    $group->steps),
            ]));
        }

        return [...$blocks, Block::toFill('Electrician, signature and date')];
    }

    /** @return list<string> */
    private static function row(Checklist $list, ChecklistStep $step): array
    {
        $record = $list->record($step);
        $unit = $step->reading->unit->value ?? '';
        $asked = $step->reading === null ? '' : ($step->reading->range === null
            ? "label ______ read ______ $unit" : "______ $unit, {$step->reading->range->words($unit)}");

        return [
            $record === null ? StepWords::BOX : "[\u{a0}x\u{a0}]", $step->text.($step->caution === '' ? '' : " $step->caution"),
            $record === null || $step->reading === null ? $asked : StepWords::reading($step, $record),
            $record !== null ? StepWords::by($record) : '__________',
        ];
    }
}
