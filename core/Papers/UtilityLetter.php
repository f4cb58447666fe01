<?php

declare(strict_types=1);

namespace Underpin\Papers;

use Underpin\Checks\Review;
use Underpin\Connection\MeterWork;
use Underpin\Design\Design;
use Underpin\Say;

/** To the utility: the meter is pulled, or takes an adapter, and the fault current is asked for. */
final class UtilityLetter implements Paper
{
    public function key(): string
    {
        return 'utility-letter';
    }

    public function title(): string
    {
        return 'Letter to the utility';
    }

    public function waitsFor(Review $review): string
    {
        $design = $review->design;
        $meter = $this->meter($design);

        return match (true) {
            $meter === null => 'a way of connecting is to be picked first',
            $meter === MeterWork::NotKnown => 'whether the meter must be pulled is not known: note where the service is switched off',
            ! $meter->asksTheUtility() && ! $this->asksFault($design) => 'the meter stays: the utility is asked for nothing',
            default => '',
        };
    }

    public function blocks(Review $review, string $today): array
    {
        $design = $review->design;
        $job = $design->job;
        $machine = $design->supply();
        $meter = $this->meter($design);

        return [
            Block::words("Customer: {$job->customer->words('____________________')}."),
            Block::words(match ($meter) {
                MeterWork::Pulled => 'We ask you to disconnect the service at the meter for our work, and to connect it again once the '
                    .'work is '
                    .'inspected where the authority asks for that. Your conductors at the meter stay yours; nobody of ours breaks the '
                    .'seal.',
                MeterWork::Adapter => 'We ask for your approval of a listed meter-mounted transfer switch on this service, and for an '
                    .'appointment at which you set it.',
                default => 'We ask you for a figure of this service.',
            }),
            Block::table(array_values(array_filter([
                ['What', 'On this service'],
                ['Service', $job->service->amps === null ? 'rating to be read' : "{$job->service->amps} A, 120/240 V, single phase"],
                ['Work', ucfirst($design->way()?->words() ?? '')],
                ['Generator', $machine === null ? '' : $machine->words().', '.Say::watts($machine->runW()).', never in parallel with you'],
                ['Sources kept apart by', $design->way()?->transfersByItself() === true
                    ? 'listed automatic transfer equipment, 702.5' : 'listed equipment thrown by hand, 702.5'],
            ], fn (array $row): bool => $row[1] !== ''))),
            ...$this->asksFault($design) ? [Block::words(
                'Please tell us the fault current that is available at the service, in amperes: the ratings of our equipment follow '
                    .'from it.',
            )] : [],
            Block::toFill('Wished day and hour', 'Whom to call on that day', 'Signature and date'),
        ];
    }

    private function meter(Design $design): ?MeterWork
    {
        $verdict = $design->connection();

        return $verdict?->way->meter($design->situation());
    }

    private function asksFault(Design $design): bool
    {
        return $design->way()?->isWired() === true && $design->job->connection->utilityFaultAmps === null
            && $design->way()->switchesAtPanel();
    }
}
