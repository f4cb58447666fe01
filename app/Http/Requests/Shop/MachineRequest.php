<?php

declare(strict_types=1);

namespace App\Http\Requests\Shop;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Form;
use Underpin\Job\Part\MachineLine;

/** A machine of the catalogue, with what it gives on each fuel side by side. */
final class MachineRequest extends CoreRequest
{
    public function form(): Form
    {
        return MachineLine::form();
    }
}
