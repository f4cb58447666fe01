<?php

declare(strict_types=1);

namespace Underpin\Install\Section;

use Underpin\Assembly\Conductor;
use Underpin\Assembly\ConductorKind;
use Underpin\Checklist\ChecklistStep;
use Underpin\Checklist\Range;
use Underpin\Checklist\Reading;
use Underpin\Checklist\StepKind;
use Underpin\Codebook\InsulationTest;
use Underpin\Codebook\Source;
use Underpin\Form\Unit;
use Underpin\Install\Section;
use Underpin\Install\WorkSite;

/** What a nail or a sharp edge has done to a new run shows before anything is switched on. */
final class Insulation extends Section
{
    protected function title(): string
    {
        return 'Insulation';
    }

    public function steps(WorkSite $site): array
    {
        $new = array_filter($site->laid(), fn (Conductor $c): bool => $c->hots() > 0 && ! $c->comesAlong
            && ($c->kind === ConductorKind::Run || $c->kind === ConductorKind::Feeder));

        return array_map(fn (Conductor $c): ChecklistStep => $this->step(
            "insulation:$c->id", StepKind::Test, ucfirst($c->kind->words())." from {$site->built->nameOf($c->from)} to "
                ."{$site->built->nameOf($c->to)}: its breaker off, its far end open, electronics and surge protectors "
                .'lifted, 500 to 1,000 V: each hot to ground, hot to hot. Enter the lowest.',
            'A nail through a cable does not always trip a breaker.', Source::practice('insulation of a new feeder'),
            Reading::within(
                Unit::Megohms, new Range(InsulationTest::GOOD_MOHM, null, 'practice'),
                'Something lies between the conductors. Under '.InsulationTest::FIND_OUT_MOHM.' MΩ nothing is connected before it is '
                    .'found.',
                [
                    'what is still connected: a surge protector, a sensing board, a pilot light', 'wet ends, a wet box or raceway',
                    'staples, nails and screws along the way', 'each half by itself, to see which side it is on',
                ],
            ), caution: 'The test voltage stays in a long run: discharge it before you touch it. Nobody at the other end.',
        ), array_values($new));
    }
}
