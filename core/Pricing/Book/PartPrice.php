<?php

declare(strict_types=1);

namespace Underpin\Pricing\Book;

use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Unit;
use Underpin\Form\Values;
use Underpin\Measure\Interval\CivilDay;
use Underpin\Money;
use Underpin\Refused;

/** What a shop pays for a part, where, and how long it waits for it. Null: not said. */
final readonly class PartPrice
{
    public const MOST_USD = 1_000_000;

    private const MOST_DAYS = 730;

    private const OLD_DAYS = 180;

    private const MOST_PACK = 100_000;

    /**
     * @param  string  $part  as the parts list names it
     * @param  string  $unit  that the parts list counts it in
     * @param  float  $pack  how many of those are sold together: 250 for a roll of 250 ft
     * @param  ?Money  $price  of one such pack
     * @param  ?string  $on  the day on which that was the price
     * @param  ?int  $leadDays  from the order to the day that it is here
     */
    public function __construct(
        public string $part,
        public string $unit = 'each',
        public float $pack = 1.0,
        public ?Money $price = null,
        public ?string $on = null,
        public string $supplier = '',
        public ?int $leadDays = null,
    ) {
    }

    /** A row as a page and a sheet know it. */
    public static function form(): Form
    {
        /** @var ?Form $form */
        static $form = null;

        return $form ??= new Form(
            Field::text('part', 'as the parts list names it')->label('Part')->required()->atMost(160),
            Field::text('unit', 'that it is counted in')->label('Unit')->atMost(30),
            Field::number('pack', 'how many of the unit are sold together')->label('Sold by')->over(0)->atMost(self::MOST_PACK)
                ->optional('one'),
            Field::number('price_usd', 'dollars for what is sold together')->label('Price')->in(Unit::Dollars)->atMost(self::MOST_USD)
                ->optional('not said'),
            Field::date('price_on', 'day on which that was the price')->label('Price of')->optional('not said'),
            Field::text('supplier', 'where it is bought')->label('Supplier')->atMost(80),
            Field::whole('lead_days', 'days from the order to the day that it is here')->label('Lead time')->in(Unit::Days)
                ->atMost(self::MOST_DAYS)->optional('not said'),
        );
    }

    /**
     * @param  string  $today  no price is of a later day
     *
     * @throws Refused on "price_on"
     */
    public static function read(Values $in, string $today): self
    {
        $on = ($in->textOrNull('price_on') ?? '') ?: null;
        if ($on !== null && $on > $today) {
            throw new Refused('price_on', "Price of: $on is still to come. A price is that of today ($today) or of a day before.");
        }
        $usd = $in->numberOrNull('price_usd');

        return new self(
            trim($in->text('part')), ($in->textOrNull('unit') ?? '') ?: 'each', $in->numberOrNull('pack') ?? 1.0,
            $usd === null ? null : Money::usd($usd), $on, $in->textOrNull('supplier') ?? '', $in->wholeOrNull('lead_days'),
        );
    }

    /** How the parts list and the book find each other, whatever the capitals and spaces. */
    public static function key(string $part): string
    {
        return trim((string) preg_replace('/[^a-z0-9]+/', '-', strtolower($part)), '-');
    }

    /** Copper moves: a price of half a year ago, or of no day, is asked for again. */
    public function isOld(string $today): bool
    {
        $on = CivilDay::read($this->on ?? '');
        $now = CivilDay::read($today);

        return $on === null || $now === null || $now - $on > self::OLD_DAYS;
    }

    /** How many packs so much of it takes. */
    public function packs(float $quantity): float
    {
        return ceil($quantity / $this->pack - 1e-9);
    }

    /** "roll of 250 ft", where it is not sold by the unit itself. */
    public function soldAs(): string
    {
        return $this->pack === 1.0 ? $this->unit : 'pack of '.rtrim(rtrim(number_format($this->pack, 2), '0'), '.')." $this->unit";
    }
}
