<?php

declare(strict_types=1);

namespace Underpin\Calculator;

use Underpin\Codebook\ConductorSize;
use Underpin\Codebook\Material;
use Underpin\Form\Field;

/** The two fields that name a conductor, the same in every calculator that has one. */
final class ConductorFields
{
    public static function material(): Field
    {
        return Field::choice('material', 'cu copper, al aluminum', array_column(Material::cases(), 'value'));
    }

    public static function size(): Field
    {
        return Field::choice('size', 'AWG up to 4/0, then kcmil; aluminum begins at 12', array_column(ConductorSize::cases(), 'value'));
    }
}
