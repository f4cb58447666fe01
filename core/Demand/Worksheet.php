<?php

declare(strict_types=1);

namespace Underpin\Demand;

use Underpin\Codebook\DwellingLoads;
use Underpin\Codebook\RangeDemand;
use Underpin\Codebook\RecordedDemand;
use Underpin\Job\DemandInputs;
use Underpin\Job\DemandMethod;
use Underpin\Job\Dwelling;
use Underpin\Refused;

/** A load calculation line by line; its demand is exactly the sum of its lines. */
final readonly class Worksheet
{
    public float $demandVa;

    /** @param  list<DemandLine>  $lines */
    private function __construct(public DemandMethod $method, public array $lines, public float $volts)
    {
        if ($volts <= 0) {
            throw new Refused('volts', 'volts must be over 0.');
        }
        $this->demandVa = array_sum(array_map(fn (DemandLine $line): float => $line->va, $lines));
    }

    /** @throws Refused naming the field that the method rests on, or a list that its table does not know */
    public static function of(DemandInputs $in): self
    {
        return match ($in->method) {
            DemandMethod::Standard => self::standard($in->dwelling, $in->volts),
            DemandMethod::Optional => self::optional($in->dwelling, $in->volts),
            DemandMethod::Existing => self::existing($in->dwelling, $in->volts),
            DemandMethod::Measured => self::measured(
                $in->peakVa ?? throw new Refused('peak_va', 'Recorded peak is missing: "measured" rests on it.'),
                $in->newLoadVa, $in->volts,
            ),
        };
    }

    public function demandAmps(): float
    {
        return $this->demandVa / $this->volts;
    }

    /**
     * NEC 2023 220 Part III.
     *
     * @throws Refused on "floor_area_ft2", "ranges_va", "dryers_va" or "volts"
     */
    public static function standard(Dwelling $d, float $volts = 240.0): self
    {
        $d->guard();
        $lighting = $d->generalLightingVa();
        $lines = [
            ...self::tiers(
                'General lighting, small-appliance and laundry circuits', $lighting, DwellingLoads::GENERAL_LIGHTING,
                '220.41, 220.52, 220.45',
            ),
            ...self::appliances($d),
        ];
        if ($d->dryersVa !== []) {
            $dryers = array_sum(array_map(fn (float $va): float => max($va, DwellingLoads::LEAST_DRYER_VA), $d->dryersVa));
            $lines[] = new DemandLine('Dryers, each at least 5,000 VA, at 100 %', $dryers, '220.54');
        }
        foreach (RangeDemand::byColumn($d->rangesVa) as $column => $va) {
            $lines[] = new DemandLine(
                $column === 'none' ? 'Ranges up to 1.75 kW, by nameplate' : "Ranges, Table 220.55 column $column", $va, '220.55',
            );
        }
        if ($d->evChargersVa !== []) {
            $lines[] = new DemandLine('Vehicle chargers, each at least 7,200 VA, at 100 %', $d->evChargersVa(), '220.57');
        }
        $lines[] = self::heatingOrCooling($d);
        $lines[] = new DemandLine(
            '25 % of the largest motor', $d->largestMotorVa * DwellingLoads::LARGEST_MOTOR_PCT / 100, '220.50, 430.24',
        );

        return new self(DemandMethod::Standard, $lines, $volts);
    }

    /**
     * NEC 2023 220.82.
     *
     * @throws Refused on "floor_area_ft2", "ranges_va", "dryers_va" or "volts"
     */
    public static function optional(Dwelling $d, float $volts = 240.0): self
    {
        $d->guard();
        $lines = self::tiers('Everything but heating and cooling', $d->connectedVa(), DwellingLoads::OPTIONAL, '220.82(B)');
        $heatingPct = $d->heatingUnits >= DwellingLoads::HEATING_UNITS_FOR_LESS
            ? DwellingLoads::MANY_UNITS_PCT
            : DwellingLoads::HEATING_PCT;
        $choices = [
            'Cooling at 100 %' => $d->coolingVa,
            'Heat pump at 100 % and supplemental heat at 65 %' => $d->heatPumpVa
                + $d->supplementalHeatVa * DwellingLoads::SUPPLEMENTAL_PCT / 100,
            "Heating at $heatingPct %" => $d->heatingVa * $heatingPct / 100,
        ];
        $largest = max($choices);
        $lines[] = new DemandLine(
            (string) array_search($largest, $choices, true).', the largest of cooling and heating', $largest, '220.82(C)',
        );

        return new self(DemandMethod::Optional, $lines, $volts);
    }

    /**
     * NEC 2023 220.83.
     *
     * @throws Refused on "floor_area_ft2", "ranges_va", "dryers_va" or "volts"
     */
    public static function existing(Dwelling $d, float $volts = 240.0): self
    {
        $d->guard();

        return new self(DemandMethod::Existing, [
            ...self::tiers('Everything but heating and cooling', $d->connectedVa(), DwellingLoads::EXISTING, '220.83'),
            self::largerOfHeatingAndCooling($d, '220.83(B)'),
        ], $volts);
    }

    /**
     * NEC 2023 220.87.
     *
     * @param  float  $peakVa  highest 15-minute average of a year, or of 30 days recorded
     */
    public static function measured(float $peakVa, float $newLoadVa = 0.0, float $volts = 240.0): self
    {
        return new self(DemandMethod::Measured, [
            new DemandLine('125 % of the recorded peak', $peakVa * RecordedDemand::PEAK_PCT / 100, '220.87'),
            new DemandLine('New load', $newLoadVa, '220.87'),
        ], $volts);
    }

    /**
     * @param  non-empty-list<array{float, int}>  $tiers  how much, at how many per cent
     * @return list<DemandLine>
     */
    private static function tiers(string $what, float $va, array $tiers, string $section): array
    {
        $lines = [];
        foreach ($tiers as $i => [$size, $pct]) {
            $part = min($va, $size);
            $name = match (true) {
                $i === 0 => sprintf('%s: first %s VA', $what, number_format($size)),
                is_infinite($size) => 'The rest',
                default => sprintf('Next %s VA', number_format($size)),
            };
            if ($i === 0 || $part > 0) {
                $lines[] = new DemandLine("$name at $pct %", $part * $pct / 100, $section);
            }
            $va -= $part;
        }

        return $lines;
    }

    /** @return list<DemandLine> */
    private static function appliances(Dwelling $d): array
    {
        if ($d->appliances === []) {
            return [];
        }
        $large = array_filter($d->appliances, fn (array $appliance): bool => $appliance['va'] >= DwellingLoads::APPLIANCE_LEAST_VA);
        $small = array_diff_key($d->appliances, $large);
        $pct = count($large) >= DwellingLoads::APPLIANCES_FOR_LESS ? DwellingLoads::APPLIANCES_PCT : 100;
        $line = fn (array $some, string $which, int $pct): DemandLine => new DemandLine(
            sprintf('%d %s fastened in place%s, at %d %%', count($some), count($some) === 1 ? 'appliance' : 'appliances', $which, $pct),
            array_sum(array_column($some, 'va')) * $pct / 100, '220.53',
        );
        if ($pct === 100) {
            return [$line($d->appliances, '', 100)];
        }

        return [$line($large, ' of 500 VA and over', $pct), ...($small === [] ? [] : [$line($small, ' under 500 VA', 100)])];
    }

    /** 220.51 and 220.60: cooling that is the smaller of the two stands against heating at 125 %. */
    private static function heatingOrCooling(Dwelling $d): DemandLine
    {
        $cooling = $d->coolingVa * DwellingLoads::SMALLER_MOTOR_PCT / 100;

        return $d->coolingVa < $d->allHeatingVa() && $cooling > $d->allHeatingVa()
            ? new DemandLine('Cooling at 125 %, a motor that is the smaller of the two', $cooling, '220.60')
            : self::largerOfHeatingAndCooling($d, '220.51, 220.60');
    }

    private static function largerOfHeatingAndCooling(Dwelling $d, string $section): DemandLine
    {
        return $d->coolingVa > $d->allHeatingVa()
            ? new DemandLine('Cooling at 100 %, larger than heating', $d->coolingVa, $section)
            : new DemandLine('Heating at 100 %, not smaller than cooling', $d->allHeatingVa(), $section);
    }
}
