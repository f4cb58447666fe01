<?php

declare(strict_types=1);

namespace Underpin\Job\Part;

use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Unit;
use Underpin\Form\Values;
use Underpin\Job\Fuel;
use Underpin\Job\GeneratorNeutral;
use Underpin\Job\Job;
use Underpin\Job\Machine;
use Underpin\Job\MachineKind;
use Underpin\Job\Outlet;
use Underpin\Job\Rating;
use Underpin\Refused;

/** A generator, a pair of them, or a battery station of the catalogue. What its plate does not say is left open. */
final class MachinePart
{
    private const NOT_KNOWN = 'not known';

    public static function form(): Form
    {
        /** @var ?Form $form */
        static $form = null;

        return $form ??= new Form(
            Field::key(Job::LONGEST_ID),
            Field::text('name', 'as the catalogue lists it')->label('Name')->required()->atMost(100),
            Field::enum('form', 'what it is', MachineKind::class)->label('Form'),
            Field::numberChoice('volts', '120: one hot wire; 240: two legs and a neutral', [120 => '120', 240 => '120/240'])
                ->label('Volts'),
            Field::enum('outlet', 'the largest outlet that could feed a panel', Outlet::class)->label('Largest outlet'),
            Field::whole('outlet_a', 'amperes of that outlet, or of the machine\'s own breaker')
                ->label('Outlet or breaker')
                ->in(Unit::Amperes)
                ->atLeast(Machine::LEAST_OUTLET_A)
                ->atMost(Machine::MOST_OUTLET_A),
            Field::enum('neutral', 'tied to the frame or not', GeneratorNeutral::class)->label('Neutral')->optional(self::NOT_KNOWN),
            Field::flag('gfci', 'that outlet has ground-fault protection')->label('Ground-fault outlet')->optional(self::NOT_KNOWN),
            Field::items('ratings', 'one for each fuel; a battery station has one on stored energy', self::rating())
                ->label('Ratings')->atMost(4),
            Field::whole('price_usd', 'price, whole dollars')->label('Price')->in(Unit::Dollars)->atMost(10_000_000)
                ->optional(self::NOT_KNOWN),
            Field::items('other_outlets', 'the outlets that it has besides', self::otherOutlet())
                ->label('Other outlets')->atMost(count(Outlet::cases()))->optional(self::NOT_KNOWN),
            ...MachineGroups::fields(),
            ...[Field::whole('lead_weeks', 'weeks from the order until it is there')->label('Lead time')->in(Unit::Weeks)->atMost(200)
                ->optional(self::NOT_KNOWN)],
        );
    }

    /** What it gives on one fuel, and what it burns for it. */
    public static function rating(): Form
    {
        /** @var ?Form $rating */
        static $rating = null;

        return $rating ??= new Form(
            Field::enum('fuel', 'the fuel', Fuel::class)->label('Fuel'),
            Field::number('run_w', 'running watts')->label('Running')->in(Unit::Watts)->over(0)->atMost(Rating::MOST_RUN_W),
            Field::number('peak_w', 'advertised peak watts, at least run_w')->label('Advertised peak')->in(Unit::Watts)->atMost(2_000_000)
                ->optional(self::NOT_KNOWN),
            self::burn('idle_per_h', 'burned at no load, gallons an hour, or cubic feet of natural gas', 'Burns idle'),
            self::burn('half_per_h', 'burned at half load', 'Burns at half load'),
            self::burn('full_per_h', 'burned at full load', 'Burns at full load'),
        );
    }

    public static function otherOutlet(): Form
    {
        /** @var ?Form $form */
        static $form = null;

        return $form ??= new Form(
            Field::enum('outlet', 'its designation', Outlet::class)->label('Outlet'),
            Field::whole('count', 'how many')->label('How many')->atLeast(1)->atMost(12),
        );
    }

    /** @return array<string, mixed> */
    public static function write(Machine $machine): array
    {
        return [
            'id' => $machine->id,
            'name' => $machine->name,
            'form' => $machine->form->value,
            'volts' => $machine->volts,
            'outlet' => $machine->outlet->value,
            'outlet_a' => $machine->outletAmps,
            'neutral' => $machine->bond?->value,
            'gfci' => $machine->gfci,
            'ratings' => array_map(fn (Rating $r): array => [
                'fuel' => $r->fuel->value, 'run_w' => $r->runW, 'peak_w' => $r->peakW, 'idle_per_h' => $r->idlePerH,
                'half_per_h' => $r->halfPerH, 'full_per_h' => $r->fullPerH,
            ], $machine->ratings),
            'price_usd' => $machine->priceUsd,
            'other_outlets' => array_map(
                fn (string $outlet, int $count): array => ['outlet' => $outlet, 'count' => $count],
                array_keys($machine->otherOutlets), array_values($machine->otherOutlets),
            ),
            ...MachineGroups::write($machine),
            'lead_weeks' => $machine->leadWeeks,
        ];
    }

    /** @throws Refused naming the field */
    public static function read(Values $in): Machine
    {
        $ratings = $others = [];
        foreach ($in->items('ratings') as $i => $rating) {
            try {
                $ratings[] = new Rating(
                    Fuel::from($rating->text('fuel')), $rating->number('run_w'), $rating->numberOrNull('peak_w'),
                    $rating->numberOrNull('idle_per_h'), $rating->numberOrNull('half_per_h'), $rating->numberOrNull('full_per_h'),
                );
            } catch (Refused $refused) {
                throw $refused->within("ratings.$i");
            }
        }
        foreach ($in->itemsOrNone('other_outlets') as $other) {
            $others[$other->text('outlet')] = $other->whole('count');
        }

        return new Machine(
            $in->text('id'), $in->text('name'), MachineKind::from($in->text('form')), $in->whole('volts'),
            Outlet::from($in->text('outlet')), $in->whole('outlet_a'), GeneratorNeutral::tryFrom($in->textOrNull('neutral') ?? ''),
            $in->flagOrNull('gfci'), $ratings, $in->wholeOrNull('price_usd'), $others, MachineGroups::plate($in),
            MachineGroups::losses($in), MachineGroups::stored($in), MachineGroups::housing($in), MachineGroups::service($in),
            $in->wholeOrNull('lead_weeks'),
        );
    }

    private static function burn(string $name, string $meaning, string $label): Field
    {
        return Field::number($name, $meaning)->label($label)->in(Unit::PerHour)->atMost(Rating::MOST_BURN)->optional(self::NOT_KNOWN);
    }
}
