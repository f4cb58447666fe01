<?php

declare(strict_types=1);

namespace Underpin\Papers;

use Underpin\Checks\Review;
use Underpin\Connection\OwnerStep;
use Underpin\Job\Work\DryRun;
use Underpin\Outage\CardCircuit;
use Underpin\Outage\SwitchingCard;
use Underpin\Say;

/** The rehearsal on paper: somebody reads what happens, the other one points at what would be thrown, a third counts. */
final class DrillSheet implements Paper
{
    use WantsDesign;

    private const ROWS = 4;

    public function key(): string
    {
        return 'drill-sheet';
    }

    public function title(): string
    {
        return 'Drill sheet';
    }

    public function blocks(Review $review, string $today): array
    {
        $card = SwitchingCard::of($review);
        $steps = fn (OwnerStep $step): array => [StepWords::BOX, $step->do, $step->because];

        return [
            Block::words('Two people and a clock. One reads the steps as they are pointed at and ticks them; the other has the card at '
                .'the panel. '
                .'Nothing is thrown: fingers only, until both know it. A step out of its order is a mistake, and so is one that is '
                    .'forgotten.'),
            Block::warning($review->design->way()?->caution() ?? ''),
            Block::heading('The power is out'), Block::table([['', 'Pointed at', 'Why'], ...array_map($steps, $card->toGenerator)]),
            Block::heading('One at a time'), Block::table([['', $card->throws, 'Then wait'], ...array_map(
                fn (CardCircuit $c): array => [StepWords::BOX, "{$c->thrown()} $c->name", $c->waitWords()], $card->start,
            )]),
            Block::heading('What if'), Block::table([['Asked', 'Answered'],
                ['An alarm sounds, or somebody has a headache.', 'Everybody out, 911, nobody goes to the engine.'],
                ['All breakers were left on.', 'The engine stalls: everything off, warm it, one at a time.'],
                ['Fuel runs low.', 'Everything off, engine off, 15 to 20 minutes, then fill.'],
                ['The utility seems to be back.', $card->signs[0] ?? 'Look at the meter.'],
            ]),
            Block::heading('The utility is back'), Block::table([['', 'Pointed at', 'Why'], ...array_map($steps, $card->back)]),
            Block::heading('Who did it'), Block::table([['Day', 'Name', 'Minutes', 'Mistakes', 'Signature'],
                ...array_map(fn (DryRun $run): array => [$run->on, $run->who, Say::figure($run->minutes), (string) $run->mistakes, ''],
                    array_slice($review->design->job->work->dryRuns, -self::ROWS)),
                ...array_fill(0, self::ROWS, ['__________', '____________________', '______', '______', '____________________']),
            ]),
        ];
    }
}
