<?php

declare(strict_types=1);

namespace Underpin\Papers;

use Underpin\Checklist\Range;
use Underpin\Checks\Review;
use Underpin\Codebook\Acceptance;
use Underpin\Codebook\FuelFacts;
use Underpin\Codebook\GasPipes;
use Underpin\Fuel\FuelPlan;
use Underpin\Fuel\PipeSection;
use Underpin\Job\Fuel;
use Underpin\Job\GasAppliance;
use Underpin\Limit;
use Underpin\Say;

/** To the gas plumber: meter, pipe, loads, pressure. NFPA 54; the plumber decides. */
final class GasLetter implements Paper
{
    public function key(): string
    {
        return 'gas-letter';
    }

    public function title(): string
    {
        return 'Letter to the gas plumber';
    }

    public function waitsFor(Review $review): string
    {
        $fuel = $review->design->fuel();

        return match (true) {
            $fuel === null => 'a machine is to be picked first',
            ! in_array($fuel->supply->fuel, [Fuel::NaturalGas, Fuel::Propane], true) => 'the machine burns no gas',
            $fuel->fullBtuh() === null => 'what the machine burns at full load is not known: the catalogue asks for it',
            default => '',
        };
    }

    public function blocks(Review $review, string $today): array
    {
        $fuel = $review->design->fuel();

        return $fuel === null ? [] : [
            Block::words("Customer: {$review->design->job->customer->words('____________________')}."),
            Block::words('A generator is to be connected to the gas of this house. We ask you to size and fit its pipe, and to see that '
                .'meter or '
                .'tank, and regulators, carry it with everything else firing. What follows is our reckoning; yours decides.'),
            Block::table($this->facts($fuel, $review)),
            ...$fuel->supply->fuel === Fuel::NaturalGas && $this->meterIsSmall($fuel, $review)
                ? [
                    Block::warning(
                        'The meter is too small by this reckoning. A larger one takes the gas utility weeks: please order it now.',
                    ),
                ] : [],
            Block::words('With it: a shut-off within 6 ft, a sediment trap, a flexible connector as the machine\'s instructions say, a '
                .'pressure test '
                .'at 1.5 times the working pressure and at least 3 psi; corrugated tubing bonded with 6 AWG copper, which we can do '
                .'with you. '
                .'NFPA 54.'),
            Block::words('On the day we start the machine at full load with everything else firing, and read the pressure at its inlet: '
                .'static, '
                .'starting, full load. Please be there.'),
            Block::toFill(
                'Pipe size and length as fitted', 'Meter or tank as fitted', 'Pressure static / starting / full load',
                'Signature and date',
            ),
        ];
    }

    /** @return list<list<string>> */
    private function facts(FuelPlan $fuel, Review $review): array
    {
        $job = $review->design->job;
        $isNatural = $fuel->supply->fuel === Fuel::NaturalGas;
        $meter = $job->site->gasMeterCfh;
        $tree = $fuel->pipes();

        return array_values(array_filter([
            ['What', 'By our reckoning'],
            ['Machine', $fuel->supply->words()],
            ['Machine at full load', number_format($fuel->fullBtuh() ?? 0.0).' BTU/h'],
            ...array_map(
                fn (GasAppliance $a): array => ["Also: $a->name", number_format($a->btuh).' BTU/h'], $job->fuelKept->appliances,
            ),
            $job->fuelKept->appliances === [] ? ['Also', 'not noted: please count what else burns'] : ['', ''],
            $isNatural ? ['Meter wanted', number_format($fuel->meterCfh() ?? 0.0).' cubic feet an hour'] : ['', ''],
            $isNatural ? ['Meter there', $meter === null ? 'not read' : number_format($meter).' cubic feet an hour'] : ['', ''],
            $isNatural ? ['', ''] : ['Tank', $job->site->propaneTankGal === null
                ? 'not noted' : number_format($job->site->propaneTankGal).' gal'.($job->fuelKept->buried === true ? ', buried' : '')],
            $isNatural ? ['', ''] : ['Tank gives on the coldest day', $fuel->vapourBtuh() === null
                ? 'please tell us: '.$fuel->vapourMissing() : number_format($fuel->vapourBtuh()).' BTU/h'],
            ...$tree === null ? [['Pipe to the machine', 'length not measured']] : array_map(fn (PipeSection $each): array => [
                'Pipe '.$each->words, "{$each->size()}; ".Say::figure($each->ft).' ft, '.number_format($each->btuh).' BTU/h',
            ], $tree->sections),
            $tree === null ? ['', ''] : ['Reckoned over', Say::figure($tree->longestFt).' ft, the longest length, '
                .GasPipes::USUAL_DROP_INWC.' in of water lost'],
            ($tree->missing ?? []) === [] ? ['', ''] : ['Branches not measured', implode(', ', $tree->missing ?? [])
                .': counted in every section'],
            $isNatural ? ['', ''] : ['Regulator stages', FuelFacts::PROPANE_STAGES],
            ['Pressure at the machine', Range::usual($isNatural ? Acceptance::NaturalGas : Acceptance::Propane)
                ->words('in of water at full load; its nameplate governs')],
        ], fn (array $row): bool => $row[0] !== ''));
    }

    private function meterIsSmall(FuelPlan $fuel, Review $review): bool
    {
        $meter = $review->design->job->site->gasMeterCfh;

        return $meter !== null && Limit::over($fuel->meterCfh() ?? 0.0, $meter);
    }
}
