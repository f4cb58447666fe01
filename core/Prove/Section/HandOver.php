<?php

declare(strict_types=1);

namespace Underpin\Prove\Section;

use Underpin\Checklist\StepKind;
use Underpin\Codebook\Source;
use Underpin\Job\Work\Work;
use Underpin\Prove\Section;
use Underpin\Prove\Trial;

/** The owner does it alone, and everything that belongs to it is handed over. */
final class HandOver extends Section
{
    protected function title(): string
    {
        return 'The owner';
    }

    public function steps(Trial $trial): array
    {
        return [
            $this->step(
                'owner', StepKind::Run, $trial->way->transfersByItself()
                    ? 'The owner alone, from the card: what to look at when it does not start, how to stop it, how to transfer by hand. '
                        .'Minutes and '
                        .'mistakes below.'
                    : 'The owner alone, from the card: to the generator and back, the whole of it. Minutes and mistakes below.',
                'Anybody who may be home at two in the morning must be able to do it.', Source::practice('dry run'),
            ),
            $this->step(
                'cards', StepKind::Label, 'The card hangs at the panel and where the cord or the machine is, with the numbers filled in.',
                'Nobody looks for a folder in the dark.', Source::practice('the card'),
            ),
            $this->step(
                Work::HANDED_OVER, StepKind::Record, 'Manuals, warranty card, readings, breaker list and the days of the next services are '
                    .'handed over.',
                'It is needed when nobody remembers who built it.', Source::practice('handing over'),
            ),
        ];
    }
}
