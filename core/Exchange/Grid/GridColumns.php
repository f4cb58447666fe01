<?php

declare(strict_types=1);

namespace Underpin\Exchange\Grid;

use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Job\Part\CircuitPart;
use Underpin\Job\Part\LoadPart;

/** The columns of the loads as a sheet, as its head names them and as a refusal does. */
final class GridColumns
{
    /** what follows from the place of a breaker, or is changed in the survey */
    public const FIXED = ['panel', 'leg'];

    /** what is said of the breaker, once for all its loads */
    public const OF_BREAKER = ['panel', 'space', 'name', 'role', 'amps', 'leg', 'note'];

    public const OF_LOAD = ['load', 'run_w', 'start_w'];

    public static function form(): Form
    {
        /** @var ?Form $form */
        static $form = null;
        $circuit = CircuitPart::form();
        $load = LoadPart::form();

        return $form ??= new Form(
            Field::text('panel', 'the panel that it hangs in')->label('Panel'),
            Field::text('space', 'its space, or both of a two-pole breaker')->label('Space'),
            $circuit->field('name'),
            Field::text('role', 'when utility power is out')->label('Role'),
            $circuit->field('amps'),
            Field::text('leg', 'the leg that follows from its space')->label('Leg'),
            $load->field('name')->named('load'),
            $load->field('run_w'),
            $load->field('start_w'),
            $circuit->field('note'),
        );
    }

    public static function label(string $column): string
    {
        return self::form()->field($column)->label;
    }
}
