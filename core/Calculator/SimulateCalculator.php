<?php

declare(strict_types=1);

namespace Underpin\Calculator;

use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Values;
use Underpin\Legs\Leg;
use Underpin\Outage\Simulation\CyclingLoad;
use Underpin\Outage\Simulation\PlainOutage;
use Underpin\Refused;

final class SimulateCalculator implements Calculator
{
    private const MOST_CHANGES = 5_000_000;

    private const HOUR_S = 3600.0;

    public function name(): string
    {
        return 'simulate';
    }

    public function summary(): string
    {
        return 'An outage in which loads cycle by themselves: peaks, time over the limits, energy, starts and fuel.';
    }

    public function source(): string
    {
        return 'Good practice: amperes on a leg add arithmetically; each leg has half of the machine. Fuel on a straight line between no '
            .'load and full load.';
    }

    public function form(): Form
    {
        return new Form(
            Field::number('duration_s', 'length of the outage, seconds')->over(0),
            Field::items('loads', 'what cycles', new Form(
                Field::id(),
                Field::choice('leg', 'leg that it hangs on', ['A', 'B', 'AB']),
                Field::number('run_w', 'watts while running'),
                Field::number('pf', 'power factor')->over(0)->atMost(1)->default(1),
                Field::number('start_w', 'watts while starting')->optional('run_w'),
                Field::number('start_s', 'seconds of a start')->default(0),
                Field::number('on_s', 'seconds on in a cycle'),
                Field::number('off_s', 'seconds off in a cycle; 0: on all the time'),
                Field::number('offset_s', 'seconds from from_s to its first cycle')->default(0),
                Field::number('from_s', 'when its part of the outage begins')->default(0),
                Field::number('to_s', 'when it is off for good')->optional('duration_s'),
            )),
            Field::group('generator', 'the machine', new Form(
                Field::number('run_w', 'running watts')->over(0),
                Field::number('surge_w', 'watts for a moment'),
                Field::number('idle_per_h', 'fuel an hour without load'),
                Field::number('full_per_h', 'fuel an hour at run_w'),
            )),
        );
    }

    public function compute(Values $in): array
    {
        $duration = $in->number('duration_s');
        $loads = array_map(fn (Values $load): CyclingLoad => self::load($load, $duration), $in->items('loads'));
        $changes = array_sum(array_map(fn (CyclingLoad $load): float => $load->changes(), $loads));
        if ($changes > self::MOST_CHANGES) {
            throw new Refused('duration_s', sprintf(
                'duration_s: that makes %s changes; at most %s are taken.', number_format($changes), number_format(self::MOST_CHANGES),
            ));
        }
        $machine = $in->group('generator') ?? throw new Refused('generator', 'generator is missing.');
        $out = PlainOutage::of($loads, $duration, $machine->number('run_w'), $machine->number('surge_w'));
        $idle = $machine->number('idle_per_h');
        $perWattHour = ($machine->number('full_per_h') - $idle) / $machine->number('run_w');

        return [
            'peak_a_amps' => $out->peakAAmps, 'peak_b_amps' => $out->peakBAmps, 'peak_a_at_s' => $out->peakAAtS,
            'peak_b_at_s' => $out->peakBAtS, 'over_run_s' => $out->overRunS, 'over_surge_s' => $out->overSurgeS,
            'energy_kwh' => $out->energyWs / self::HOUR_S / 1000, 'starts' => $out->starts,
            'fuel' => ($idle * $duration + $perWattHour * $out->energyWs) / self::HOUR_S, 'mean_w' => $out->energyWs / $duration,
            'busiest_hour_kwh' => $out->busiestHourWs / self::HOUR_S / 1000,
        ];
    }

    private static function load(Values $in, float $duration): CyclingLoad
    {
        return new CyclingLoad(
            Leg::from($in->text('leg')), $in->number('run_w'), $in->number('pf'), $in->numberOrNull('start_w') ?? $in->number('run_w'),
            $in->number('start_s'), $in->number('on_s'), $in->number('off_s'), $in->number('offset_s'), $in->number('from_s'),
            min($in->numberOrNull('to_s') ?? $duration, $duration),
        );
    }
}
