<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Codebook\Source;
use Underpin\Job\Panel;

/**
 * The plate on the panel main, and a cord that stays attached at the house in place of an inlet. A cord is no substitute for
 * fixed wiring, so that the authority is asked first. NEC 2023 400.10, 400.12.
 */
final class AttachedCord implements Way
{
    use PlateOnMain;

    public function key(): string
    {
        return 'hard_cord';
    }

    public function words(): string
    {
        return 'interlock, with a cord attached for good in place of an inlet';
    }

    public function isLastResort(): bool
    {
        return true;
    }

    public function failsBy(): string
    {
        return 'sun, frost and mice at a cord that hangs there for years; its length is fixed';
    }

    protected function cordStays(): bool
    {
        return true;
    }

    protected function panelOf(Situation $situation): ?Panel
    {
        return $situation->job->panel();
    }

    protected function noPanel(Situation $situation): Reason
    {
        return Reason::open('No panel has been surveyed.', Source::practice('survey'), 'survey the panel');
    }

    /** @return list<Reason> */
    protected function more(Panel $panel, Situation $situation): array
    {
        $standby = $situation->supply?->machine->form->isStandby() === true;

        return [
            Reason::change(
                'A cord is not taken in place of fixed wiring: ask the authority before it is planned. It ends in a male plug at the '
                    .'machine, '
                    .'comes out of a box with a strain relief, and hangs where nobody drives and nothing chews.',
                Source::nec('400.10, 400.12, 406.7(B)'), 'the authority agrees to the cord',
            ),
            ...$standby ? [
                Reason::stops('A standby has no outlet for a cord.', Source::practice('standby machines'), 'a standby has no outlet'),
            ] : [],
        ];
    }
}
