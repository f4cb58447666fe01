<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Form;
use Underpin\Job\Part\PanelPart;

/** A panel to be filled by hand. */
final class NewPanelRequest extends CoreRequest
{
    public function form(): Form
    {
        return PanelPart::form()->only('name', 'spaces');
    }
}
