<?php

declare(strict_types=1);

namespace Underpin\Papers;

use Underpin\Checklist\Checklist;
use Underpin\Checklist\ChecklistStep;
use Underpin\Checklist\StepState;
use Underpin\Checks\Review;
use Underpin\Install\InstallList;
use Underpin\Job\Work\DryRun;
use Underpin\Prove\ProveList;
use Underpin\Say;

/** What was read while it was proven, with what, by whom, between what it had to lie, and what was not checked. It certifies readings. */
final class Certificate implements Paper
{
    public function key(): string
    {
        return 'certificate';
    }

    public function title(): string
    {
        return 'Certificate of commissioning';
    }

    public function waitsFor(Review $review): string
    {
        $list = self::proven($review);

        return match (true) {
            $list->steps === [] => 'a machine and a way of connecting are to be picked first',
            ! $list->isBegun() => 'nothing is proven yet',
            default => '',
        };
    }

    public function blocks(Review $review, string $today): array
    {
        $proven = self::proven($review);
        $installed = new Checklist(InstallList::of($review->design), $review->design->job->work);
        $supply = $review->design->supply();
        $out = $proven->standing(StepState::Out);

        return [
            Block::words('It says what was done and read on the days below, and nothing of what comes after. It decides nothing.'),
            Block::table(array_values(array_filter([
                ['What', 'On this job'],
                ['Customer', $review->design->job->customer->words()],
                ['Generator', $supply?->words() ?? ''], ['Connected by', ucfirst($review->design->way()?->words() ?? '')],
                ['Local authority', $review->design->job->authority->rules->authority],
            ], fn (array $row): bool => $row[1] !== ''))),
            ...$out === [] ? [] : [Block::warning(Say::count(count($out), 'reading').' out of range: '.$out[0]->text
                .' What follows it was not proven.')],
            ...self::readings('Readings of the commissioning', $proven), ...self::readings('Readings of the installation', $installed),
            ...self::done($proven), ...self::dryRuns($review->design->job->work->dryRuns),
            ...self::instruments([$proven, $installed]), ...self::notChecked($proven, $installed),
            Block::toFill('Who read and noted this, signature and date', 'Owner, signature and date'),
        ];
    }

    private static function proven(Review $review): Checklist
    {
        return new Checklist(ProveList::of($review->design), $review->design->job->work);
    }

    /** @return list<Block> */
    private static function readings(string $heading, Checklist $list): array
    {
        $rows = [];
        foreach ($list->steps as $step) {
            $record = $list->record($step);
            if ($record?->value !== null && $step->reading !== null) {
                $rows[] = ["$step->group: $step->text", StepWords::reading($step, $record), StepWords::by($record)];
            }
        }

        return $rows === [] ? [] : [Block::heading($heading), Block::table([['What', 'Reading, range, instrument', 'By, at'], ...$rows])];
    }

    /** @return list<Block> */
    private static function done(Checklist $list): array
    {
        $rows = [];
        foreach ($list->standing(StepState::Done) as $step) {
            $record = $list->record($step);
            if ($step->reading === null && $record !== null) {
                $rows[] = [$step->text, $record->note, StepWords::by($record)];
            }
        }

        return $rows === [] ? [] : [Block::heading('Done besides'), Block::table([['What', 'Note', 'By, at'], ...$rows])];
    }

    /**
     * @param  list<DryRun>  $runs
     * @return list<Block>
     */
    private static function dryRuns(array $runs): array
    {
        return $runs === [] ? [] : [Block::heading('The change-over from the card'), Block::table([
            ['Day', 'Who', 'Minutes', 'Mistakes', 'Where', 'Note'], ...array_map(fn (DryRun $run): array => [
                $run->on, $run->who, Say::figure($run->minutes), (string) $run->mistakes, $run->onScreen ? 'on the screen'
                    : 'at the panel', $run->note,
            ], $runs),
        ])];
    }

    /**
     * @param  list<Checklist>  $lists
     * @return list<Block>
     */
    private static function instruments(array $lists): array
    {
        $tools = [];
        foreach ($lists as $list) {
            foreach ($list->steps as $step) {
                $tools[] = $list->record($step)->tool ?? '';
            }
        }
        $tools = array_values(array_unique(array_filter($tools)));
        sort($tools);

        return [Block::heading('Instruments'), Block::words($tools === [] ? 'None was named.' : Say::list($tools, 40).'.')];
    }

    /** @return list<Block> */
    private static function notChecked(Checklist $proven, Checklist $installed): array
    {
        $texts = fn (Checklist $list, StepState ...$states): array => array_map(
            fn (ChecklistStep $s): string => "$s->group: $s->text",
            array_values(array_filter($list->steps, fn (ChecklistStep $s): bool => in_array($list->state($s), $states, true))),
        );
        $open = $texts($proven, StepState::Open, StepState::Changed);
        $undone = count($texts($installed, StepState::Open, StepState::Out, StepState::Changed));

        return [
            Block::heading('Not checked'),
            $open === [] ? Block::words('Every step of the commissioning has its reading or its note.')
                : Block::table([['What', ''], ...array_map(fn (string $text): array => [$text, 'not checked'], $open)]),
            ...$undone === 0 ? [] : [Block::words(Say::count($undone, 'step').' of the installation '.($undone === 1 ? 'is'
                : 'are').' not noted as done.')],
            Block::words('Nothing behind walls, in the ground or inside of equipment was looked at beyond what stands above.'),
        ];
    }
}
