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

/** A generator of the catalogue. */
final class MachinePart
{
    public static function form(): Form
    {
        /** @var ?Form $form */
        static $form = null;

        return $form ??= new Form(
            Field::key(Job::LONGEST_ID),
            Field::text('name', 'as the catalogue lists it')->label('Name')->required()->atMost(100),
            Field::enum('form', 'portable, two in parallel, or standby', MachineKind::class)->label('Form'),
            Field::numberChoice('volts', '120: one hot wire; 240: two legs and a neutral', [120 => '120', 240 => '120/240'])
                ->label('Volts'),
            Field::enum('outlet', 'the largest outlet that could feed a panel', Outlet::class)->label('Largest outlet'),
            Field::whole('outlet_a', 'amperes of that outlet, or of the machine\'s own breaker')
                ->label('Outlet or breaker')
                ->in(Unit::Amperes)
                ->atLeast(Machine::LEAST_OUTLET_A)
                ->atMost(Machine::MOST_OUTLET_A),
            Field::enum('neutral', 'tied to the frame or not', GeneratorNeutral::class)->label('Neutral'),
            Field::flag('gfci', 'that outlet has ground-fault protection')->label('Ground-fault outlet'),
            Field::items('ratings', 'one for each fuel', self::rating())->label('Ratings')->atMost(4),
            Field::whole('price_usd', 'price, whole dollars')->label('Price')->in(Unit::Dollars),
        );
    }

    /** What it gives on one fuel. */
    public static function rating(): Form
    {
        /** @var ?Form $rating */
        static $rating = null;

        return $rating ??= new Form(
            Field::enum('fuel', 'the fuel', Fuel::class)->label('Fuel'),
            Field::number('run_w', 'running watts')->label('Running')->in(Unit::Watts)->over(0)->atMost(Rating::MOST_RUN_W),
            Field::number('peak_w', 'advertised peak watts, at least run_w')->label('Advertised peak')->in(Unit::Watts)->atMost(2_000_000),
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
            'neutral' => $machine->bond->value,
            'gfci' => $machine->gfci,
            'ratings' => array_map(
                fn (Rating $r): array => ['fuel' => $r->fuel->value, 'run_w' => $r->runW, 'peak_w' => $r->peakW], $machine->ratings,
            ),
            'price_usd' => $machine->priceUsd,
        ];
    }

    /** @throws Refused naming the field */
    public static function read(Values $in): Machine
    {
        $ratings = [];
        foreach ($in->items('ratings') as $i => $rating) {
            try {
                $ratings[] = new Rating(Fuel::from($rating->text('fuel')), $rating->number('run_w'), $rating->number('peak_w'));
            } catch (Refused $refused) {
                throw $refused->within("ratings.$i");
            }
        }

        return new Machine(
            $in->text('id'), $in->text('name'), MachineKind::from($in->text('form')), $in->whole('volts'),
            Outlet::from($in->text('outlet')), $in->whole('outlet_a'), GeneratorNeutral::from($in->text('neutral')), $in->flag('gfci'),
            $ratings, $in->whole('price_usd'),
        );
    }
}
