<?php

declare(strict_types=1);

namespace App\Http\Requests\Connect;

use App\Http\Requests\CoreRequest;
use Underpin\Codebook\TransferSetting;
use Underpin\Codebook\TransferSettings;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Job\Part\ConnectionPart;

/** Settings of an automatic switch: those that were sent, the others stay. */
final class SettingRequest extends CoreRequest
{
    public function form(): Form
    {
        return new Form(...array_map(
            fn (TransferSetting $each): Field => ConnectionPart::setting($each),
            array_values(array_filter(TransferSettings::all(), fn (TransferSetting $each): bool => $this->has($each->key))),
        ));
    }
}
