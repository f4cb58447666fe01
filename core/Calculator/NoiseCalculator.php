<?php

declare(strict_types=1);

namespace Underpin\Calculator;

use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Values;
use Underpin\Placement\Noise;
use Underpin\Refused;

final class NoiseCalculator implements Calculator
{
    public function name(): string
    {
        return 'noise';
    }

    public function summary(): string
    {
        return 'How loud one machine or several are at a place, in the open.';
    }

    public function source(): string
    {
        return 'Good practice: free field, 6 dB less with each doubling of the distance; several add as powers. Walls are left out.';
    }

    public function form(): Form
    {
        return new Form(Field::items('sources', 'machines, at least one', new Form(
            Field::number('db', 'its level, dB(A)')->atLeast(-1e9),
            Field::number('at_ft', 'feet that the level is stated at')->over(0)->default(Noise::USUAL_AT_FT),
            Field::number('distance_ft', 'feet from it to the place')->over(0),
        )));
    }

    public function compute(Values $in): array
    {
        $sources = array_map(fn (Values $each): array => [
            'db' => $each->number('db'), 'at_ft' => $each->number('at_ft'), 'distance_ft' => $each->number('distance_ft'),
        ], $in->items('sources'));

        return ['db' => Noise::db($sources === [] ? throw new Refused('sources', 'sources: at least one is needed.') : $sources)];
    }
}
