<?php

declare(strict_types=1);

namespace Underpin\Pricing\Book;

use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Unit;
use Underpin\Form\Values;
use Underpin\Money;

/** How a shop prices its work, and what it says under a quote. Null: not said. */
final readonly class Terms
{
    private const USUAL_VALID_DAYS = 30;

    /**
     * @param  ?Money  $hour  of work
     * @param  ?float  $marginPct  added to what parts cost the shop
     * @param  ?float  $taxPct  sales tax; 0: none is taken
     * @param  ?float  $depositPct  due when a quote is accepted
     * @param  ?int  $permitDays  that the authority usually takes
     * @param  ?int  $utilityDays  that the utility usually takes
     * @param  ?int  $gasDays  that the gas plumber usually takes
     * @param  ?int  $inspectionDays  from the call to the day that the inspector is there
     * @param  string  $words  what stands under every quote
     */
    public function __construct(
        public ?Money $hour = null,
        public ?float $marginPct = null,
        public ?float $taxPct = null,
        public TaxOn $taxOn = TaxOn::Parts,
        public ?float $depositPct = null,
        public int $validDays = self::USUAL_VALID_DAYS,
        public ?int $permitDays = null,
        public ?int $utilityDays = null,
        public ?int $gasDays = null,
        public ?int $inspectionDays = null,
        public string $words = '',
    ) {
    }

    public static function form(): Form
    {
        /** @var ?Form $form */
        static $form = null;

        return $form ??= new Form(
            Field::number('hour_usd', 'dollars an hour of work')->label('Hour of work')->in(Unit::Dollars)->atMost(10_000)
                ->optional('not said'),
            Field::number('margin_pct', 'added to what parts cost the shop')->label('Added to parts')->in(Unit::PerCent)->atMost(1_000)
                ->optional('not said'),
            Field::number('tax_pct', 'sales tax; 0 where none is taken')->label('Sales tax')->in(Unit::PerCent)->atMost(50)
                ->optional('not said'),
            Field::enum('tax_on', 'what it is taken on', TaxOn::class)->label('Tax is taken')->default(TaxOn::Parts->value),
            Field::number('deposit_pct', 'due when a quote is accepted')->label('Deposit')->in(Unit::PerCent)->atMost(100)
                ->optional('none'),
            Field::whole('valid_days', 'days that a quote holds')->label('A quote holds')->in(Unit::Days)->atLeast(1)->atMost(365)
                ->default(self::USUAL_VALID_DAYS),
            self::days('permit', 'the authority takes', 'Permit takes'), self::days('utility', 'the utility takes', 'Utility takes'),
            self::days('gas', 'the gas plumber takes', 'Gas plumber takes'),
            self::days('inspection', 'the inspector takes', 'Inspection takes'),
            Field::text('terms', 'what stands under every quote')->label('Terms')->atMost(2_000),
        );
    }

    public static function read(Values $in): self
    {
        $hour = $in->numberOrNull('hour_usd');

        return new self(
            $hour === null ? null : Money::usd($hour), $in->numberOrNull('margin_pct'), $in->numberOrNull('tax_pct'),
            TaxOn::from($in->text('tax_on')), $in->numberOrNull('deposit_pct'), $in->whole('valid_days'),
            $in->wholeOrNull('permit_days'), $in->wholeOrNull('utility_days'), $in->wholeOrNull('gas_days'),
            $in->wholeOrNull('inspection_days'),
            $in->textOrNull('terms') ?? '',
        );
    }

    private static function days(string $key, string $who, string $label): Field
    {
        return Field::whole("{$key}_days", "days that $who, as a rule")->label($label)->in(Unit::Days)->atMost(730)->optional('not said');
    }
}
