<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Codebook\Source;
use Underpin\Job\Panel;

/** The plate on the main of the panel that the generator feeds first. */
final class Interlock implements Way
{
    use PlateOnMain;

    public function key(): string
    {
        return 'interlock';
    }

    public function words(): string
    {
        return 'interlock on the panel main';
    }

    protected function panelOf(Situation $situation): ?Panel
    {
        return $situation->job->panel();
    }

    protected function noPanel(Situation $situation): Reason
    {
        return Reason::open('No panel has been surveyed.', Source::practice('survey'), 'survey the panel');
    }
}
