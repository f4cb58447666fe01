<?php

declare(strict_types=1);

namespace Underpin\JobFile\Section;

use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Values;
use Underpin\JobFile\JobFileForm;
use Underpin\Loads\Role;
use Underpin\Refused;
use Underpin\Service\Circuit;
use Underpin\Service\Half;
use Underpin\Service\Protection;
use Underpin\Service\Slot;

/** A breaker and what hangs on it. */
final class CircuitSection
{
    public static function form(): Form
    {
        return new Form(
            Field::id()->atMost(JobFileForm::LONGEST_ID),
            Field::whole('space', 'its upper space')->atLeast(1)->atMost(Slot::HIGHEST_SPACE),
            Field::enum('half', 'half of its upper space in a tandem or quad: upper (a) or lower (b)', Half::class)->optional('a whole space'),
            Field::numberChoice('poles', 'two poles take the space and the next but one', [1, 2])->default(1),
            Field::whole('amps', 'rating of the breaker, amperes')->atLeast(Circuit::LEAST_A)->atMost(Circuit::MOST_A),
            Field::text('name', 'what it feeds')->atMost(100),
            Field::enum('protection', 'beyond overcurrent', Protection::class)->default(Protection::None->value),
            Field::enum('role', 'when utility power is out', Role::class)->default(Role::Off->value),
            Field::text('note', 'free note')->atMost(1000),
            Field::text('keep_on', 'when it must not lose power while the crew works; empty: it may')->atMost(100),
            Field::whole('receptacle_a', 'rating of the one receptacle on it, amperes')->atLeast(15)->atMost(60)->optional('several, none, or not looked'),
            Field::group('measured', 'what a clamp meter found', MeasuredSection::form())->optional('not measured'),
            Field::items('loads', 'what hangs on it', LoadSection::form())->atMost(50),
        );
    }

    /** @return array<string, mixed> */
    public static function write(Circuit $circuit): array
    {
        return [
            'id' => $circuit->id,
            'space' => $circuit->slot->space,
            'half' => $circuit->slot->half?->value,
            'poles' => $circuit->slot->poles,
            'amps' => $circuit->breakerA,
            'name' => $circuit->name,
            'protection' => $circuit->protection->value,
            'role' => $circuit->role->value,
            'note' => $circuit->note,
            'keep_on' => $circuit->keepOn,
            'receptacle_a' => $circuit->receptacleA,
            'measured' => $circuit->measured === null ? null : MeasuredSection::write($circuit->measured),
            'loads' => array_map(LoadSection::write(...), $circuit->loads),
        ];
    }

    public static function read(Values $in): Circuit
    {
        $loads = [];
        foreach ($in->items('loads') as $i => $load) {
            try {
                $loads[] = LoadSection::read($load->text('id'), $load);
            } catch (Refused $refused) {
                throw $refused->within("loads.$i");
            }
        }

        return new Circuit(
            $in->text('id'),
            new Slot($in->whole('space'), $in->whole('poles'), Half::tryFrom($in->textOrNull('half') ?? '')),
            $in->whole('amps'), $in->text('name'), Protection::from($in->text('protection')), Role::from($in->text('role')),
            $in->text('note'), $loads, $in->text('keep_on'), $in->wholeOrNull('receptacle_a'), MeasuredSection::read($in->group('measured')),
        );
    }
}
