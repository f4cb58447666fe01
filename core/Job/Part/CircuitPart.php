<?php

declare(strict_types=1);

namespace Underpin\Job\Part;

use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Unit;
use Underpin\Form\Values;
use Underpin\Job\Circuit;
use Underpin\Job\Half;
use Underpin\Job\Job;
use Underpin\Job\Position;
use Underpin\Job\Protection;
use Underpin\Job\Role;
use Underpin\Refused;

/** A breaker and what hangs on it. */
final class CircuitPart
{
    public static function form(): Form
    {
        /** @var ?Form $form */
        static $form = null;

        return $form ??= new Form(
            Field::key(Job::LONGEST_ID),
            Field::whole('space', 'its upper space')->label('Upper space')->atLeast(1)->atMost(Position::HIGHEST_SPACE),
            Field::enum(
                'half', 'half of its upper space in a tandem or quad: upper (a) or lower (b)', Half::class,
            )->label('Tandem, quad')->optional('whole space'),
            Field::numberChoice(
                'poles', 'two poles take the space and the next but one', [1 => 'one', 2 => 'two'],
            )->label('Poles')->default(1),
            Field::whole('amps', 'rating of the breaker, amperes')
                ->label('Breaker')
                ->in(Unit::Amperes)
                ->atLeast(Circuit::LEAST_A)
                ->atMost(Circuit::MOST_A),
            Field::text('name', 'what it feeds')->label('What it feeds')->atMost(100),
            Field::enum('protection', 'beyond overcurrent', Protection::class)->label('Protection')->default(Protection::None->value),
            Field::enum('role', 'when utility power is out', Role::class)->label('Role')->default(Role::Off->value),
            Field::text('note', 'free note')->label('Note')->atMost(1000),
            Field::text(
                'keep_on', 'when it must not lose power while the crew works; empty: it may',
            )->label('Must not lose power during the work')->atMost(100),
            Field::whole('receptacle_a', 'rating of the one receptacle on it, amperes')
                ->label('Its one receptacle')
                ->in(Unit::Amperes)
                ->atLeast(15)
                ->atMost(60)
                ->optional('several, none, or not looked'),
            Field::text('shares_neutral_with', 'id of the breaker that has the other hot of its multiwire circuit; empty: none is known')
                ->label('Shares its neutral with')->atMost(Job::LONGEST_ID),
            Field::group('measured', 'what a clamp meter found', MeasuredPart::form())->label('Measured')->optional('not measured'),
            Field::items('loads', 'what hangs on it', LoadPart::form())->label('Loads')->atMost(50),
        );
    }

    /** @return array<string, mixed> */
    public static function write(Circuit $circuit): array
    {
        return [
            'id' => $circuit->id,
            'space' => $circuit->position->space,
            'half' => $circuit->position->half?->value,
            'poles' => $circuit->position->poles,
            'amps' => $circuit->breakerAmps,
            'name' => $circuit->name,
            'protection' => $circuit->protection->value,
            'role' => $circuit->role->value,
            'note' => $circuit->note,
            'keep_on' => $circuit->keepOn,
            'receptacle_a' => $circuit->receptacleAmps,
            'shares_neutral_with' => $circuit->sharesNeutralWith,
            'measured' => $circuit->measured === null ? null : MeasuredPart::write($circuit->measured),
            'loads' => array_map(LoadPart::write(...), $circuit->loads),
        ];
    }

    public static function read(Values $in): Circuit
    {
        $loads = [];
        foreach ($in->items('loads') as $i => $load) {
            try {
                $loads[] = LoadPart::read($load->text('id'), $load);
            } catch (Refused $refused) {
                throw $refused->within("loads.$i");
            }
        }

        return new Circuit(
            $in->text('id'),
            new Position($in->whole('space'), $in->whole('poles'), Half::tryFrom($in->textOrNull('half') ?? '')),
            $in->whole('amps'), $in->text('name'), Protection::from($in->text('protection')), Role::from($in->text('role')),
            $in->text('note'), $loads, $in->text('keep_on'), $in->wholeOrNull('receptacle_a'), MeasuredPart::read($in->group('measured')),
            $in->text('shares_neutral_with'),
        );
    }
}
