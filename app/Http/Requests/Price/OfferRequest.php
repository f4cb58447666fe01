<?php

declare(strict_types=1);

namespace App\Http\Requests\Price;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Form;
use Underpin\Job\Part\OfferPart;

/** Who has the machine, what this authority and the way there cost, what else is said. */
final class OfferRequest extends CoreRequest
{
    public function form(): Form
    {
        return OfferPart::form()->only('own_machine', 'permit_usd', 'travel_usd', 'note');
    }
}
