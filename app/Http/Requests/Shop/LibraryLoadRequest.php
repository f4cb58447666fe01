<?php

declare(strict_types=1);

namespace App\Http\Requests\Shop;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Unit;
use Underpin\Job\Load;
use Underpin\Job\Part\CircuitPart;
use Underpin\Job\Part\LoadPart;
use Underpin\Loads\Library\Grade;

/** A load of the library, low, usual and high. */
final class LibraryLoadRequest extends CoreRequest
{
    public function form(): Form
    {
        $watts = [];
        foreach (array_column(Grade::cases(), 'value') as $grade) {
            $watts[] = Field::number("run_{$grade}_w", "running watts, $grade")
                ->label("Runs, $grade")
                ->in(Unit::Watts)
                ->atMost(Load::MOST_W);
            $watts[] = Field::number("start_{$grade}_w", "starting watts, $grade")
                ->label("Starts, $grade")
                ->in(Unit::Watts)
                ->atMost(Load::MOST_W);
        }

        return new Form(
            ...[
                ...LoadPart::form()->only('name', 'kind', 'pf')->fields(),
                CircuitPart::form()->field('role')->label('Mostly'),
                Field::text('words', 'what people write for it, parted by commas')->label('Also called')->atMost(500)
                    ->hint('Part the words by commas: fridge, refrig, icebox.'),
                Field::numberChoice('volts', '120 or 240', [120 => '120 V', 240 => '240 V'])->label('Volts'), ...$watts,
            ]
        );
    }
}
