<?php

declare(strict_types=1);

namespace App\Http\Requests\Keep;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Form;
use Underpin\Job\Part\LogPart;

/** A line of the log. */
final class EntryRequest extends CoreRequest
{
    public function form(): Form
    {
        return LogPart::entry()->only('on', 'kind', 'hours', 'volts', 'gal', 'load_pct', 'note');
    }
}
