<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Form;
use Underpin\Job\Part\PanelPart;

/** A panel with everything that is kept of it. */
final class PanelRequest extends CoreRequest
{
    public function form(): Form
    {
        return PanelPart::form()->only(
            'name', 'kind', 'spaces', 'main_a', 'interlock_listed', 'interlock_space', 'has_multiwire', 'fed_from', 'feeder_a',
            'feeder_circuit', 'bonded', 'tandem_spaces', 'feeder_ground', 'other_building', 'main_lugs', 'bus_a',
        );
    }
}
