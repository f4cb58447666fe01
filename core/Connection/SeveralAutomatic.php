<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Assembly\Assembly;
use Underpin\Codebook\Source;
use Underpin\Job\Panel;
use Underpin\Say;
use Underpin\Sizing\Supply;

/**
 * Several automatic switches on one machine, each ahead of its own panel: services of 400 A and more. Where they are service
 * disconnects each has its main bonding jumper. NEC 2023 230.71(B), 250.24, 240.21(B).
 */
final class SeveralAutomatic implements Way
{
    use FeedsBehind;
    use TransfersItself;

    public function key(): string
    {
        return 'automatic_several';
    }

    public function words(): string
    {
        return 'several automatic switches on one generator';
    }

    public function verdict(Situation $situation): WayVerdict
    {
        $panels = $this->heads($situation);
        $reach = Reach::of($situation, $this->fedPanels($situation));
        if (count($panels) < 2) {
            return new WayVerdict($this, [...$this->machine($situation), Reason::stops(
                'There is one panel at the service: one switch does.', Source::practice('several switches'), 'one panel, one switch',
            )], $reach->powers, $reach->dead);
        }
        $names = Say::list(array_map(fn (Panel $p): string => $p->name, $panels));

        return new WayVerdict($this, [
            ...$this->machine($situation), ...$this->bonds($situation, $panels),
            Reason::note(
                "A switch ahead of each of $names. Their generator sides are taps of one feeder in a trough: each tap has a breaker "
                    .'within its '
                    .'length, and the feeder carries the machine.',
                Source::nec('240.21(B), 230.71(B)'),
            ),
            ...array_merge(...array_map(fn (Panel $p): array => (new AtService($situation, $p))->rating(), $panels)),
            ...Capacity::byItself($situation), ...LockOff::byItself($situation, $this),
        ], $reach->powers, $reach->dead);
    }

    public function fedPanels(Situation $situation): array
    {
        return $situation->job->service->panels;
    }

    public function transfers(Situation $situation): array
    {
        return array_map(fn (Panel $p): TransferPoint => new TransferPoint(
            TransferKind::Switch, 'Automatic switch', SwitchesAtHouse::amps($situation, $p), $p,
        ), $this->heads($situation));
    }

    public function meter(Situation $situation): MeterWork
    {
        $works = array_map(fn (Panel $p): MeterWork => (new AtService($situation, $p))->meter(), $this->heads($situation));

        return match (true) {
            in_array(MeterWork::Pulled, $works, true) => MeterWork::Pulled,
            in_array(MeterWork::NotKnown, $works, true), $works === [] => MeterWork::NotKnown,
            default => MeterWork::Stays,
        };
    }

    public function assemble(Situation $situation, Supply $supply): Assembly
    {
        $panels = [];
        foreach ($this->heads($situation) as $panel) {
            $panels["Automatic switch of $panel->name"] = $panel;
        }

        return SwitchesAtHouse::build($situation, $supply, SwitchMake::Automatic, $panels);
    }

    protected function panelOf(Situation $situation): ?Panel
    {
        return $situation->job->panel();
    }

    /** @return list<Panel> those side by side at the service */
    private function heads(Situation $situation): array
    {
        $panels = $situation->job->service->panels;
        $fedByPanel = fn (Panel $p): bool => $situation->job->service->panel($situation->distribution->node($p->id)->parent ?? '') !== null;

        return array_values(array_filter($panels, fn (Panel $p): bool => ! $fedByPanel($p)));
    }

    /**
     * @param  list<Panel>  $panels
     * @return list<Reason>
     */
    private function bonds(Situation $situation, array $panels): array
    {
        $services = array_filter($panels, fn (Panel $p): bool => (new AtService($situation, $p))->isService() !== false);

        return $services === [] ? [Reason::note(
            'Each switch stands behind a service disconnect: the bonds stay there.', Source::nec('250.24'),
        )] : [Reason::change(
            'Each switch that is a service disconnect has a main bonding jumper of its own and is marked for it; the panel behind it '
                .'becomes a '
                .'sub-panel on four wires. Taking one of the jumpers out leaves its panel without a way back for a fault.',
            Source::nec('250.24, 250.28, 230.66'),
            count($services) === 1 ? 'one panel becomes a sub-panel' : count($services).' panels become sub-panels',
        )];
    }
}
