<?php

declare(strict_types=1);

namespace App\Http\Requests\Price;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Form;
use Underpin\Pricing\Book\PartPrice;

/** The price of a part that the book does not have yet, where it is missed. */
final class PartPriceRequest extends CoreRequest
{
    public function form(): Form
    {
        return PartPrice::form()->only('part', 'unit', 'price_usd');
    }
}
