<?php

declare(strict_types=1);

namespace Underpin\Calculator;

use Underpin\Codebook\ConductorSize;
use Underpin\Codebook\Conduit;
use Underpin\Codebook\TradeSize;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Values;
use Underpin\Wiring\ConduitFill;

final class ConduitFillCalculator implements Calculator
{
    public function name(): string
    {
        return 'conduit-fill';
    }

    public function summary(): string
    {
        return 'How far THHN/THWN-2 conductors fill a conduit, and the smallest that holds them.';
    }

    public function source(): string
    {
        return 'NEC 2023 Chapter 9 Table 1 (53, 31 and 40 %), Table 4 (areas of conduit) and Table 5 (THHN/THWN-2). Note 7 is not used: '
            .'the plain percentage decides.';
    }

    public function form(): Form
    {
        return new Form(
            Field::choice('conduit', 'EMT, PVC schedule 40 or LFNC-B', array_column(Conduit::cases(), 'value')),
            Field::choice('trade', 'trade size, inches; LFNC-B ends at 2', array_column(TradeSize::cases(), 'value')),
            Field::items('conductors', 'THHN/THWN-2, grounds among them', new Form(
                ConductorFields::size(),
                Field::whole('count', 'how many of this size')->atLeast(1),
            )),
        );
    }

    public function compute(Values $in): array
    {
        $conductors = array_map(
            fn (Values $each): array => [ConductorSize::from($each->text('size')), $each->whole('count')], $in->items('conductors'),
        );
        $fill = ConduitFill::of(Conduit::from($in->text('conduit')), TradeSize::from($in->text('trade')), $conductors);

        return [
            'fill_in2' => $fill->fillIn2, 'fill_pct' => $fill->fillPct, 'limit_pct' => $fill->limitPct, 'ok' => $fill->ok(),
            'smallest_trade' => $fill->smallest?->value,
        ];
    }
}
