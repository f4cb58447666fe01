<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Job\Panel;
use Underpin\Job\Part\PanelPart;

/** The panel that a job begins with, to be typed line by line. */
final class FirstPanelRequest extends CoreRequest
{
    public function form(): Form
    {
        return new Form(
            Field::numberChoice('spaces', 'spaces of its panel', Panel::COMMON_SPACES)->label('Spaces')->default(42),
            PanelPart::form()->field('main_a'),
        );
    }
}
