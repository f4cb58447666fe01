<?php

declare(strict_types=1);

namespace App\Http\Requests\Connect;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Job\Part\ConnectionPart;

/** One thing that a way of connecting leaves to choose: its route says which. */
final class WayChoiceRequest extends CoreRequest
{
    public function form(): Form
    {
        return new Form(self::field($this->route('choice')));
    }

    public static function field(mixed $choice): Field
    {
        return match ($choice) {
            'fed_panel' => ConnectionPart::panel(),
            'single_circuit' => ConnectionPart::circuit(),
            'switches_neutral' => ConnectionPart::switchesNeutral(),
            'switch_meters' => ConnectionPart::meters(),
            'utility_fault_a' => ConnectionPart::utilityFault(),
            'withstand_a' => ConnectionPart::withstand(),
            'interrupt_a' => ConnectionPart::interrupt(),
            default => abort(404),
        };
    }
}
