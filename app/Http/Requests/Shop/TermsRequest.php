<?php

declare(strict_types=1);

namespace App\Http\Requests\Shop;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Form;
use Underpin\Pricing\Book\Terms;

/** How the shop prices its work, and what stands under its quotes. */
final class TermsRequest extends CoreRequest
{
    public function form(): Form
    {
        return Terms::form();
    }
}
