<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Assembly\Assembly;
use Underpin\Assembly\Component;
use Underpin\Assembly\ComponentKind;
use Underpin\Assembly\ConductorKind;
use Underpin\Assembly\Element;
use Underpin\Assembly\Line;
use Underpin\Assembly\Task;
use Underpin\Codebook\Source;
use Underpin\Codebook\TransferSwitches;
use Underpin\Connection\Source\SourceSteps;
use Underpin\Job\DisconnectPlace;
use Underpin\Job\Outlet;
use Underpin\Job\Panel;
use Underpin\Sizing\Supply;

/** A switch with its own inlet between meter and meter socket: the utility's to allow, and to set. NEC 2023 702.5(B), 230.82. */
final class MeterAdapter implements Way
{
    use FeedsBehind;
    use FeedsPanels;

    public function key(): string
    {
        return 'meter_collar';
    }

    public function words(): string
    {
        return 'meter-socket adapter';
    }

    public function verdict(Situation $situation): WayVerdict
    {
        $reach = Reach::of($situation, $this->fedPanels($situation));

        return new WayVerdict($this, [
            $this->approval($situation), ...$this->socket($situation), ...$this->machine($situation), ...Capacity::byHand(),
            ...$this->onOneHot($situation),
        ], $reach->powers, $reach->dead);
    }

    /** All that hangs behind the meter. */
    public function fedPanels(Situation $situation): array
    {
        return $situation->job->service->panels;
    }

    public function means(): MeansOfTransfer
    {
        return MeansOfTransfer::MeterCollar;
    }

    public function transfers(Situation $situation): array
    {
        $panel = $this->panelOf($situation);

        return $panel === null ? [] : [
            new TransferPoint(TransferKind::Switch, 'Meter-socket adapter', TransferSwitches::METER_ADAPTER_A, $panel),
        ];
    }

    public function meter(Situation $situation): MeterWork
    {
        return MeterWork::Adapter;
    }

    public function failsBy(): string
    {
        return 'waiting for the utility\'s letter; everything at once on a cold engine';
    }

    public function assemble(Situation $situation, Supply $supply): Assembly
    {
        $machine = $supply->machine;
        $outlet = $machine->outlet === Outlet::Terminals ? Outlet::Straight50 : $machine->outlet;

        return CordFeed::assembly($situation, $supply, $outlet->value, $outlet->amps() ?? $machine->outletAmps, new Component(
            'switch', ComponentKind::Switch, 'meter-socket adapter', TransferSwitches::METER_ADAPTER_A, designation: $outlet->plug(),
            task: Task::MeterAdapter, order: 'Meter-socket adapter', lines: [new Line(
                'Adapter', 'between meter and meter socket, '.TransferSwitches::METER_ADAPTER_A.' A, inlet '.$outlet->plug(),
                'The utility approves it by its marking, and sets it. Nobody else opens the meter.', Source::nec('702.5(B), 230.82'),
            )],
        ), $this->behind($situation));
    }

    /** @return list<Element> the panel behind the meter, on the conductors that it has */
    private function behind(Situation $situation): array
    {
        $panel = $this->panelOf($situation);
        if ($panel === null) {
            return [];
        }
        $house = new HousePanel($situation, $panel);

        return [...$house->parts(), Bundle::between(
            "found:$panel->id", ConductorKind::Found, Bundle::feeder($house->isBehindService()), Ends::side('switch', 'load'),
            $house->ends(),
            null,
        ), new Component('utility', ComponentKind::Utility, 'Utility, at the meter', $situation->job->service->amps), Bundle::between(
            'found:utility', ConductorKind::Found, Bundle::feeder(false), Ends::side('utility', 'load'), Ends::side('switch', 'utility'),
            null,
        )];
    }

    public function atNight(): string
    {
        return 'Turn the breakers off, plug the cord into the adapter at the meter, start the engine, move its switch, and bring the '
            .'circuits on '
            .'one by one.';
    }

    public function caution(): string
    {
        return 'Never two sources at once. Nobody opens the meter or the adapter: both belong to the utility.';
    }

    public function unload(): string
    {
        return 'turn off every circuit breaker, then move the switch of the adapter off GENERATOR, as its label shows.';
    }

    public function toGenerator(Situation $situation, ?Assembly $assembly): array
    {
        $source = SourceSteps::of($situation, $assembly, 'the adapter at the meter');

        return [
            ...PanelSteps::allOff($this->fedPanels($situation)),
            ...$source->start(),
            new OwnerStep('Move the switch of the adapter to GENERATOR, as its label shows.'),
            PanelSteps::oneByOne(),
        ];
    }

    public function back(Situation $situation, ?Assembly $assembly): array
    {
        return [
            new OwnerStep('Turn off every circuit breaker, from the bottom of the list up.'),
            new OwnerStep('Move the switch of the adapter to UTILITY. Then turn the breakers on, one at a time, a few seconds apart.'),
            ...SourceSteps::of($situation, $assembly)->stop(),
        ];
    }

    protected function panelOf(Situation $situation): ?Panel
    {
        return $situation->job->panel();
    }

    private function approval(Situation $situation): Reason
    {
        $source = Source::nec('702.5(B), 230.82');

        return match ($situation->job->authority->rules->meterAdapter) {
            true => Reason::change('The utility takes adapters; it sets this one itself, and says which.', $source, 'the utility sets it'),
            false => Reason::stops('The utility takes no adapter at its meters.', $source, 'the utility takes none'),
            null => Reason::open(
                'The utility must have approved that adapter: ask in writing, and note the answer in the local rules.', $source,
                'ask the utility',
            ),
        };
    }

    /** @return list<Reason> */
    private function socket(Situation $situation): array
    {
        $service = $situation->job->service;
        $source = Source::nec('110.3(B)');

        return [match (true) {
            $service->place === DisconnectPlace::Cabinet => Reason::stops(
                'A metering cabinet has no socket that an adapter fits.', $source, 'no meter socket for it',
            ),
            $service->amps === null => Reason::open('Note the rating of the service.', $source, 'how many amperes?'),
            $service->amps > TransferSwitches::METER_ADAPTER_A => Reason::stops(
                'Adapters fit sockets up to '.TransferSwitches::METER_ADAPTER_A." A; this service has $service->amps A.", $source,
                'socket over '.TransferSwitches::METER_ADAPTER_A.' A',
            ),
            default => Reason::note("The socket of a $service->amps A service is within what adapters fit.", $source),
        }];
    }

    /** @return list<Reason> */
    private function machine(Situation $situation): array
    {
        $machine = $situation->supply?->machine;
        $source = Source::nec('110.3(B)');

        return match (true) {
            $machine === null => [],
            $machine->form->isStandby() => [Reason::stops('It takes a cord; a standby has none.', $source, 'a standby has no cord')],
            $machine->outletAmps > TransferSwitches::METER_ADAPTER_INLET_A => [Reason::stops(
                'Its inlet ends at '.TransferSwitches::METER_ADAPTER_INLET_A.' A.', $source, 'outlet too large',
            )],
            default => [],
        };
    }
}
