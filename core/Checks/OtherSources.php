<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Connection\LockOff;
use Underpin\Design\Design;

/** Solar or a battery on a bus that the generator feeds. */
final class OtherSources implements Check
{
    public function findings(Design $design): iterable
    {
        $fed = $design->way()?->fedPanels($design->situation()) ?? [];
        if ($fed !== [] && $design->job->service->otherSource === null) {
            yield new Finding(
                Code::OtherSourceNotLooked,
                'Whether solar or a battery can feed this house too is not known.',
                'Two sources on one bus destroy each other, or keep the house live when everybody takes it for dead: that cannot be '
                    .'judged.',
                'Look at the roof, the panels and beside the meter, and say it in the survey.',
            );
        }
        $lockOff = LockOff::of($design->job->service, $fed);
        if ($lockOff === null) {
            return;
        }
        $source = $lockOff->source;
        if ($source->run === null) {
            yield new Finding(
                Code::OtherSource,
                ucfirst("{$source->kind->words()} {$lockOff->where()}, and the generator feeds the same bus."),
                'It may push power into the engine, or keep the house live when everybody takes it for dead; its inverter can take the '
                    .'generator for the utility.',
                'Lock its disconnect off for as long as the generator runs, or find out by its maker\'s instructions whether it is listed '
                    .'to run with this generator. Say which in the survey.',
            );
        }
        if ($source->run?->isByHand() === true && $design->way()?->transfersByItself() === true) {
            yield new Finding(
                Code::OtherSourceByHand,
                ucfirst("{$source->kind->words()} {$source->kind->is()} to be locked off by hand, and the machine starts by itself."),
                'The inverter takes the generator for the utility within minutes and feeds into it: the engine is driven, its volts rise, '
                    .'and what hangs on them burns.',
                'Have it connected on the utility\'s side of the switch, or opened by a listed relay at every transfer, or made '
                    .'of equipment that is listed to run with this generator. Until one of them is in, the machine is not left to start by '
                    .'itself. Ask whoever installed it, and the authority; say which in the survey.',
            );
        }
        if ($source->run?->isByHand() !== false && $source->disconnect === '') {
            yield new Finding(
                Code::OtherSourceDisconnect,
                ucfirst("{$source->kind->words()} must be locked off, and where that is done is not known."),
                'The card cannot name the place, and in the dark nobody finds it.',
                'Find its disconnect and write in the survey how it is marked.',
            );
        }
    }
}
