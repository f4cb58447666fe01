<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Codebook\Source;
use Underpin\Job\Circuit;
use Underpin\Job\Panel;
use Underpin\Say;

/** What is said alike of every way that feeds a panel and all that hangs behind it. */
trait FeedsBehind
{
    abstract protected function panelOf(Situation $situation): ?Panel;

    public function fedPanels(Situation $situation): array
    {
        $panel = $this->panelOf($situation);
        $ids = $panel === null ? [] : $situation->distribution->behind($panel->id);

        return array_values(array_filter(
            $situation->job->service->panels, fn (Panel $other): bool => in_array($other->id, $ids, true),
        ));
    }

    /** @return list<Circuit> */
    public function inTheWay(Situation $situation): array
    {
        return [];
    }

    public function platedPanel(Situation $situation): ?Panel
    {
        return null;
    }

    /** @return list<Reason> */
    protected function staysDead(Situation $situation): array
    {
        $fed = array_map(fn (Panel $p): string => $p->id, $this->fedPanels($situation));
        $others = array_filter($situation->job->service->panels, fn (Panel $p): bool => ! in_array($p->id, $fed, true));

        return $others === [] ? [] : [Reason::note(
            Say::list(array_values(array_map(fn (Panel $p): string => $p->name, $others))).' '.(count($others) === 1 ? 'stays' : 'stay')
                .' without power.',
            Source::practice('what a panel feeds'),
        )];
    }

    /** @return list<Reason> a 120 V machine on both legs */
    protected function onOneHot(Situation $situation): array
    {
        if ($situation->supply === null || $situation->supply->feedsBothLegs()) {
            return [];
        }
        $source = Source::nec('210.4, 702.4');

        return [match ($this->joinsSharedNeutrals($situation)) {
            true => Reason::stops(
                'A 120 V machine on both legs puts the sum of both on the shared neutral of every multiwire circuit: it can burn.', $source,
                'shared neutrals on 120 V',
            ),
            false => Reason::note('A 120 V machine feeds both legs from one hot wire: every 240 V load stays dead.', $source),
            null => Reason::open(
                'A 120 V machine overloads the shared neutral of a multiwire circuit. Look whether there are any.', $source,
                'look for shared neutrals',
            ),
        }];
    }
}
