<?php

declare(strict_types=1);

namespace Underpin\Calculator;

use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Values;
use Underpin\Legs\Leg;
use Underpin\Refused;
use Underpin\Sizing\Turns\Room;
use Underpin\Sizing\Turns\TurnLoad;
use Underpin\Sizing\Turns\Turns;

final class TurnsCalculator implements Calculator
{
    public function name(): string
    {
        return 'turns';
    }

    public function summary(): string
    {
        return 'A timetable in which loads that do not fit together take turns, inside both legs in every slot.';
    }

    public function source(): string
    {
        return 'NEC 2023 702.4: who loads a source by hand selects what it carries. Search by falling worth with a counted budget; proven '
            .'up to 6 loads over 12 slots, beyond that where it says so.';
    }

    public function form(): Form
    {
        return new Form(
            Field::whole('slots', 'slots of equal length')->atLeast(1)->atMost(Room::MOST_SLOTS),
            Field::number('limit_a_amps', 'amperes that leg A may carry'),
            Field::number('limit_b_amps', 'amperes that leg B may carry'),
            Field::number('base_a_amps', 'amperes on leg A all the time')->default(0),
            Field::number('base_b_amps', 'amperes on leg B all the time')->default(0),
            Field::items('loads', 'what takes turns', new Form(
                Field::id(),
                Field::choice('leg', 'the leg it hangs on', ['A', 'B', 'AB']),
                Field::number('amps', 'amperes on each leg it hangs on'),
                Field::whole('need_slots', 'slots in which it must be on')->atLeast(1),
                Field::whole('from_slot', 'first slot in which it may be on')->default(0),
                Field::whole('to_slot', 'first slot in which it may not be on any more')->optional('slots'),
                Field::whole('block_slots', 'shortest run without a break')->atLeast(1)->default(1),
                Field::number('worth', 'what serving it is worth, in any unit')->default(1),
            ))->atMost(Turns::MOST_LOADS),
        );
    }

    public function compute(Values $in): array
    {
        $room = new Room(
            $in->whole('slots'), $in->number('limit_a_amps'), $in->number('limit_b_amps'), $in->number('base_a_amps'),
            $in->number('base_b_amps'),
        );
        $loads = [];
        foreach ($in->items('loads') as $i => $load) {
            try {
                $loads[] = new TurnLoad(
                    $load->text('id'), Leg::from($load->text('leg')), $load->number('amps'), $load->whole('need_slots'),
                    $load->whole('from_slot'), $load->wholeOrNull('to_slot') ?? $room->slots, $load->whole('block_slots'),
                    $load->number('worth'),
                );
            } catch (Refused $refused) {
                throw $refused->within("loads.$i");
            }
        }
        $table = Turns::plan($room, $loads);
        $id = fn (TurnLoad $load): string => $load->id;

        return [
            'served' => array_map($id, $table->served), 'unserved' => array_map($id, $table->unserved), 'worth' => $table->worth,
            'plan' => array_map(
                fn (TurnLoad $load, array $runs): array => ['id' => $load->id, 'on' => $runs], $table->served, $table->runs,
            ),
            'peak_a_amps' => $table->peakAAmps, 'peak_b_amps' => $table->peakBAmps, 'proven' => $table->isProven,
        ];
    }
}
