<?php

declare(strict_types=1);

namespace Underpin\JobFile\Section;

use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Values;
use Underpin\JobFile\JobFileForm;
use Underpin\Refused;
use Underpin\Sizing\Bond;
use Underpin\Sizing\Fuel;
use Underpin\Sizing\Machine;
use Underpin\Sizing\MachineForm;
use Underpin\Sizing\Outlet;
use Underpin\Sizing\Rating;

/** A generator of the catalogue. */
final class MachineSection
{
    public static function form(): Form
    {
        return new Form(
            Field::id()->atMost(JobFileForm::LONGEST_ID),
            Field::text('name', 'as the catalogue lists it')->required()->atMost(100),
            Field::enum('form', 'portable, two in parallel, or standby', MachineForm::class),
            Field::numberChoice('volts', '120: one hot wire; 240: two legs and a neutral', [120, 240]),
            Field::enum('outlet', 'the largest outlet that could feed a panel', Outlet::class),
            Field::whole('outlet_a', 'amperes of that outlet, or of the machine\'s own breaker')->atLeast(Machine::LEAST_OUTLET_A)->atMost(Machine::MOST_OUTLET_A),
            Field::enum('neutral', 'tied to the frame or not', Bond::class),
            Field::flag('gfci', 'that outlet has ground-fault protection'),
            Field::items('ratings', 'one for each fuel', new Form(
                Field::enum('fuel', 'the fuel', Fuel::class),
                Field::number('run_w', 'running watts')->over(0)->atMost(Rating::MOST_RUN_W),
                Field::number('peak_w', 'advertised peak watts, at least run_w')->atMost(2_000_000),
            ))->atMost(4),
            Field::whole('price_usd', 'price, whole dollars'),
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
            'outlet_a' => $machine->outletA,
            'neutral' => $machine->bond->value,
            'gfci' => $machine->gfci,
            'ratings' => array_map(fn (Rating $r): array => ['fuel' => $r->fuel->value, 'run_w' => $r->runW, 'peak_w' => $r->peakW], $machine->ratings),
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
            $in->text('id'), $in->text('name'), MachineForm::from($in->text('form')), $in->whole('volts'),
            Outlet::from($in->text('outlet')), $in->whole('outlet_a'), Bond::from($in->text('neutral')), $in->flag('gfci'),
            $ratings, $in->whole('price_usd'),
        );
    }
}
