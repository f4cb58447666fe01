<?php

declare(strict_types=1);

namespace Underpin\Papers;

use Underpin\Checks\Review;
use Underpin\Design\Design;
use Underpin\Fuel\FuelDay;
use Underpin\Fuel\FuelPlan;
use Underpin\Fuel\Refuelling;
use Underpin\Job\Circuit;
use Underpin\Job\Fuel;
use Underpin\Keep\Care;
use Underpin\Keep\CareItem;
use Underpin\Keep\JobDate;
use Underpin\Keep\JobDates;
use Underpin\Say;

/** What stays with the owner: what was built, what it runs and burns, what comes round, whom to call. The card is its own paper. */
final class OwnersFolder implements Paper
{
    use WantsDesign;

    private const DRAWINGS = ['one-line', 'panel-after', 'site-plan'];

    public function key(): string
    {
        return 'owners-folder';
    }

    public function title(): string
    {
        return 'Folder for the owner';
    }

    public function blocks(Review $review, string $today): array
    {
        $design = $review->design;
        $way = $design->way();
        $fuel = $design->fuel();

        return $way === null ? [] : [
            Block::words($way->transfersByItself()
                ? 'It starts and changes over by itself. The card at the panel says what to look at while it runs, and how it is '
                    .'stopped. This '
                    .'folder says what stands behind it.'
                : 'The switching card hangs at the panel and says each step. Practice it by daylight, before it is needed. This '
                    .'folder says '
                    .'what stands behind it.'),
            Block::warning($way->caution()),
            ...$design->supply()?->machine->form->isBattery() === true ? [] : [Block::warning(
                'An engine kills with its exhaust: never in a garage, a cellar or under a roof that people sleep beneath, exhaust '
                    .'away from '
                    .'every door, window and intake, the neighbor\'s too. Alarms on every floor. Who feels dull or has a headache '
                        .'goes out and '
                    .'calls 911.',
            )],
            Block::heading('What was built'), Block::table($this->built($design)),
            Block::heading('What runs'), Block::table($this->runs($design)),
            Block::heading('At night'), Block::words($way->atNight()), Block::words('How it fails: '.$way->failsBy().'.'),
            ...$fuel === null ? [] : $this->fuel($fuel),
            Block::heading('What comes round'), Block::table($this->dates($design, $today)),
            Block::heading('Whom to call'), Block::table($this->calls($design)),
            Block::words('Smoke, shock, a breaker that trips again, an engine that hunts: stop it, keep away, call. Nobody but an '
                .'electrician '
                .'takes the cover off the panel, the inlet or the switch; nobody takes the interlock plate, a bond or a sign off.'),
            Block::heading('Shown and understood'),
            Block::toFill($way->transfersByItself()
                ? 'Saw it start and stop, and knows where it is shut off' : 'Did the change-over alone from the card, minutes',
                'Owner, signature and date',
                'Electrician, signature and date'),
            ...PaperDrawings::of($design, ...self::DRAWINGS),
        ];
    }

    /** @return list<list<string>> */
    private function built(Design $design): array
    {
        $supply = $design->supply();

        return array_values(array_filter([
            ['What', 'At this house'],
            ['Generator', $supply === null ? '' : $supply->words().', '.Say::watts($supply->runW()).' here'],
            ['Connected by', ucfirst($design->way()?->words() ?? '')],
            ['Starts and changes over', $design->way()?->transfersByItself() === true ? 'by itself' : 'by hand'],
            ['Neutral', match ($design->way()?->switchesNeutral($design->situation())) {
                true => 'switched with the hots: the machine is a source of its own, and its bond belongs at the machine. Nobody takes it '
                    .'out; no other machine is plugged in without the electrician\'s word.',
                false => 'not switched: the bond of the house serves the machine too. A machine whose neutral is bonded to its frame '
                    .'is not '
                    .'plugged in here without the electrician\'s word.',
                null => '',
            }],
            ['Local authority', $design->job->authority->rules->authority],
        ], fn (array $row): bool => $row[1] !== ''));
    }

    /** @return list<list<string>> */
    private function runs(Design $design): array
    {
        $verdict = $design->connection();
        $must = $design->plan()->must;
        $powers = $verdict === null ? [] : $verdict->powers;
        $later = array_values(array_filter($powers, fn (Circuit $c): bool => ! in_array($c, $must, true)));

        return array_values(array_filter([
            ['When', 'Which circuits'],
            ['Runs', self::names(array_values(array_filter($powers, fn (Circuit $c): bool => in_array($c, $must, true))))],
            ['When there is room', self::names($later)],
            ['Stays dark though it should run', self::names($verdict === null ? [] : $verdict->dead)],
            ['Left off', self::names($design->plan()->off)],
        ], fn (array $row): bool => $row[1] !== ''));
    }

    /** @return list<Block> */
    private function fuel(FuelPlan $fuel): array
    {
        $kind = $fuel->supply->fuel;
        $unit = $kind === Fuel::NaturalGas ? 'ft³' : 'gal';
        $clocks = Refuelling::clocks($fuel);
        $days = array_map(fn (FuelDay $day): array => [
            Say::count($day->days, 'day'), number_format($day->units, $unit === 'gal' ? 1 : 0)." $unit",
            $day->usd === null ? 'price not known' : '$'.number_format($day->usd), match (true) {
                $day->short === null => $kind === Fuel::NaturalGas ? 'by a pipe' : 'not known what is stored',
                $day->short > 0 => Say::figure($day->short)." $unit short of what is stored",
                default => 'enough is stored',
            },
        ], $fuel->days());
        $kept = $fuel->kept;

        return [
            Block::heading("Fuel, at the loads of this house: $kind->value"),
            $days === [] ? Block::words('What it burns is not known: its data sheet says it.') : Block::table([
                ['Outage', 'Takes', 'Costs', 'Stored'], ...$days,
            ]),
            ...$fuel->tankHours() === null ? [] : [Block::words('One tank lasts '.Say::figure($fuel->tankHours()).' h.'.($clocks === [] ? ''
                : ' Started at six in the evening, it is filled at '.implode(', ', $clocks).'.'))],
            ...$kind === Fuel::Gasoline ? [Block::words(Refuelling::gasoline())] : [],
            ...$fuel->badOn() === null ? []
                : [Block::words("What is stored is good until {$fuel->badOn()}; burn it in a car before, and buy anew.")],
            ...$kept->near === '' && $kept->far === '' ? [] : [Block::words(
                'Filled: '.($kept->near === '' ? 'not noted where' : $kept->near).'; when that is dark: '
                    .($kept->far === '' ? 'not noted' : $kept->far).'.',
            )],
        ];
    }

    /** @return list<list<string>> */
    private function dates(Design $design, string $today): array
    {
        $byHours = array_filter(
            (new Care($design, $today))->items(), fn (CareItem $item): bool => $item->dueOn === null && $item->everyH !== null,
        );

        return [
            ['What', 'First on', 'Comes round', 'Why'],
            ...array_map(fn (JobDate $date): array => [
                $date->title, $date->on, $date->everyMonths === null ? 'once' : 'every '.Say::count($date->everyMonths, 'month'),
                $date->why,
            ], JobDates::of($design, $today)),
            ...array_map(fn (CareItem $item): array => [
                "$item->title: $item->of", 'by its hours', 'every '.Say::figure((float) $item->everyH).' h', $item->why,
            ], array_values($byHours)),
        ];
    }

    /** @return list<list<string>> */
    private function calls(Design $design): array
    {
        return [['Who', 'Number'],
            ['Fire, gas smell, somebody hurt', '911, from outside'],
            ['Utility: a line down, power back or not', $design->job->customer->utilityPhone === '' ? '____________'
                : $design->job->customer->utilityPhone],
            ['Electrician', 'at the head of this paper'], ['Fuel', '____________'],
        ];
    }

    /** @param  list<Circuit>  $circuits */
    private static function names(array $circuits): string
    {
        return implode(', ', array_map(fn (Circuit $c): string => $c->name, $circuits));
    }
}
