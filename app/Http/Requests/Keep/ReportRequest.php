<?php

declare(strict_types=1);

namespace App\Http\Requests\Keep;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Job\Log\LogKind;

/** What the controller that stands in reports. */
final class ReportRequest extends CoreRequest
{
    public function form(): Form
    {
        return new Form(Field::choice('kind', 'what it reports', [
            LogKind::Outage->value => LogKind::Outage->words(), LogKind::Fault->value => LogKind::Fault->words(),
            LogKind::ExerciseMissed->value => LogKind::ExerciseMissed->words(), LogKind::Exercise->value => LogKind::Exercise->words(),
        ])->label('Report'));
    }
}
