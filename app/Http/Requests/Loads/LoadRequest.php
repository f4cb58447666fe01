<?php

declare(strict_types=1);

namespace App\Http\Requests\Loads;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Form;
use Underpin\Job\Part\LoadPart;

/** A load with everything that is kept of it. */
final class LoadRequest extends CoreRequest
{
    public function form(): Form
    {
        return LoadPart::form()->only(
            'name', 'kind', 'run_w', 'start_w', 'pf', 'duty', 'on_s', 'off_s', 'season', 'phase', 'pole', 'plug', 'bridge_min',
        );
    }
}
