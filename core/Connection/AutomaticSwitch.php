<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Assembly\Assembly;
use Underpin\Codebook\Source;
use Underpin\Job\Panel;
use Underpin\Sizing\Supply;

/**
 * An automatic switch behind the service disconnect, or on the feeder of a sub-panel: bond and service stay as they are. NEC 2023
 * 702.5(A).
 */
final class AutomaticSwitch implements Way
{
    use FeedsBehind;
    use TransfersItself;

    public function key(): string
    {
        return 'automatic';
    }

    public function leavesToChoose(Situation $situation): array
    {
        return [WayChoice::Panel, WayChoice::Neutral, WayChoice::UtilityFault, WayChoice::Withstand, WayChoice::Interrupt];
    }

    public function words(): string
    {
        return 'automatic switch behind the service disconnect';
    }

    public function verdict(Situation $situation): WayVerdict
    {
        $panel = $this->panelOf($situation);
        $reach = Reach::of($situation, $this->fedPanels($situation));
        $source = Source::nec('230.82, 250.24');

        return new WayVerdict($this, $panel === null
            ? [...$this->machine($situation), Reason::stops(
                'There is no service disconnect ahead of a panel, and no sub-panel: a switch ahead of the panel would be the service '
                    .'disconnect.',
                $source, 'no disconnect ahead of it',
            )]
            : [
                ...$this->machine($situation), ...$this->place($situation, $panel), ...(new AtService($situation, $panel))->rating(),
                ...Capacity::byItself($situation), ...LockOff::byItself($situation, $this), ...$this->staysDead($situation),
            ], $reach->powers, $reach->dead);
    }

    public function transfers(Situation $situation): array
    {
        $panel = $this->panelOf($situation);

        return $panel === null ? [] : [
            new TransferPoint(TransferKind::Switch, 'Automatic transfer switch', (new AtService($situation, $panel))->switchAmps(), $panel),
        ];
    }

    public function meter(Situation $situation): MeterWork
    {
        return MeterWork::Stays;
    }

    public function assemble(Situation $situation, Supply $supply): Assembly
    {
        $panel = $this->panelOf($situation);

        return SwitchesAtHouse::build($situation, $supply, SwitchMake::Automatic, [
            ...$panel === null ? [] : [SwitchMake::Automatic->value => $panel],
        ]);
    }

    /** The one that was chosen, else the first behind a disconnect, else the first sub-panel. */
    protected function panelOf(Situation $situation): ?Panel
    {
        $panels = $situation->job->service->panels;
        $chosen = array_filter($panels, fn (Panel $p): bool => $p->id === $situation->job->connection->panel);
        $behind = array_filter($panels, fn (Panel $p): bool => (new AtService($situation, $p))->isService() !== true
            && ($situation->distribution->node($p->id)->depth ?? 0) > 1);

        return array_values($chosen)[0] ?? array_values($behind)[0] ?? null;
    }

    /** @return list<Reason> */
    private function place(Situation $situation, Panel $panel): array
    {
        $at = new AtService($situation, $panel);

        return $at->ahead() !== null ? $at->reasons() : [Reason::note(
            "It stands on the feeder of $panel->name: that stays a sub-panel, neutrals and grounds apart.", Source::nec('250.24'),
        )];
    }
}
