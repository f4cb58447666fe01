<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Assembly\Assembly;
use Underpin\Codebook\Source;
use Underpin\Job\Panel;
use Underpin\Sizing\Supply;

/**
 * An automatic switch that is the service disconnect: the whole house, and the panel behind it becomes a sub-panel. NEC 2023
 * 230.66, 702.5(A).
 */
final class ServiceAutomatic implements Way
{
    use FeedsBehind;
    use TransfersItself;

    public function key(): string
    {
        return 'automatic_service';
    }

    public function words(): string
    {
        return 'automatic service-entrance switch';
    }

    public function verdict(Situation $situation): WayVerdict
    {
        $panel = $this->panelOf($situation);
        $at = new AtService($situation, $panel);
        $reach = Reach::of($situation, $this->fedPanels($situation));

        return new WayVerdict($this, $panel === null ? [
            Reason::open('No panel has been surveyed.', Source::practice('survey'), 'survey the panel'),
        ] : [
            ...$this->machine($situation), ...$this->place($at, $situation), ...$at->rating(), ...Capacity::byItself($situation),
            ...LockOff::byItself($situation, $this),
            ...$this->staysDead($situation),
        ], $reach->powers, $reach->dead);
    }

    public function transfers(Situation $situation): array
    {
        $panel = $this->panelOf($situation);

        return $panel === null ? [] : [
            new TransferPoint(
                TransferKind::Switch, 'Automatic service-entrance switch', (new AtService($situation, $panel))->switchAmps(), $panel,
            ),
        ];
    }

    public function meter(Situation $situation): MeterWork
    {
        return MeterWork::Pulled;
    }

    public function assemble(Situation $situation, Supply $supply): Assembly
    {
        $panel = $this->panelOf($situation);

        return SwitchesAtHouse::build($situation, $supply, SwitchMake::Service, [
            ...$panel === null ? [] : [SwitchMake::Service->value => $panel],
        ]);
    }

    protected function panelOf(Situation $situation): ?Panel
    {
        return $situation->job->panel();
    }

    /** @return list<Reason> */
    private function place(AtService $at, Situation $situation): array
    {
        $source = Source::nec('230.66, 230.82');
        $top = array_filter(
            $situation->job->service->panels, fn (Panel $p): bool => $situation->distribution->node($p->id)?->depth === 1,
        );

        return match (true) {
            count($situation->job->service->disconnects) > 1 || count($top) > 1 => [Reason::stops(
                'The service has several disconnects or panels side by side: one switch does not stand in the place of all of them.',
                $source,
                'several disconnects',
            )],
            $at->isService() === false => [Reason::change(
                "{$at->ahead()?->name} is the service disconnect: this switch would take its place. A switch behind it does the same "
                    .'and leaves the '
                    .'meter alone.', $source, "replaces {$at->ahead()?->name}",
            )],
            default => $at->reasons(),
        };
    }
}
