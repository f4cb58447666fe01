<?php

declare(strict_types=1);

namespace App\Http\Requests\Survey;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Form;
use Underpin\Job\Part\CircuitPart;

/** What a circuit does when the power is out. */
final class RoleRequest extends CoreRequest
{
    public function form(): Form
    {
        return CircuitPart::form()->only('role');
    }
}
