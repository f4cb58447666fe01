<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Http\Request;
use Underpin\Csv\DecimalMark;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Refused;

/** What may be said with every table that comes in; a script that says nothing of it need not. */
final class TableFields
{
    public static function decimal(): Field
    {
        return Field::enum('decimal', 'decimal mark of its numbers', DecimalMark::class)
            ->label('Decimal mark')
            ->optional('as its numbers show');
    }

    /**
     * Null: as its numbers show.
     *
     * @throws Refused on "decimal"
     */
    public static function decimalOf(Request $request): ?DecimalMark
    {
        $given = $request->input('decimal');
        $case = (object) ['decimal' => is_string($given) && trim($given) === '' ? null : $given];

        return DecimalMark::tryFrom((new Form(self::decimal()))->read($case)->textOrNull('decimal') ?? '');
    }
}
