<?php

declare(strict_types=1);

namespace Underpin\Job\Part;

use Underpin\Form\FaultList;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Unit;
use Underpin\Form\Values;
use Underpin\Job\Extra;
use Underpin\Job\Job;
use Underpin\Job\Offer;

/** What is offered to the customer: which ways beside each other, who has the machine, what else. */
final class OfferPart implements JobPart
{
    private const MOST_EXTRAS = 40;

    private const LONGEST_WORDS = 100;

    public static function form(): Form
    {
        /** @var ?Form $form */
        static $form = null;

        return $form ??= new Form(
            Field::text('besides', 'ways that are offered beside the one that is picked, with spaces between')->label('Offered beside it')
                ->atMost(self::LONGEST_WORDS),
            Field::flag('own_machine', 'who has the machine', 'the customer has it', 'we supply it')->label('Machine')
                ->optional('not said'),
            Field::number('permit_usd', 'fee of this authority, dollars')->label('Permit fee')->in(Unit::Dollars)->atMost(100_000)
                ->optional('the usual'),
            Field::number('travel_usd', 'travel on this job, dollars')->label('Travel')->in(Unit::Dollars)->atMost(100_000)
                ->optional('the usual'),
            Field::text('note', 'what the customer should read beside the price')->label('Note on the quote')->atMost(1_000),
            Field::items('extras', 'what is offered besides', self::extra())->label('Besides')->atMost(self::MOST_EXTRAS)->optional('none'),
        );
    }

    public static function extra(): Form
    {
        /** @var ?Form $form */
        static $form = null;

        return $form ??= new Form(
            Field::key(Job::LONGEST_ID), Field::text('what', 'what it is')->label('Besides')->required()->atMost(120),
            Field::number('usd', 'dollars')->label('Price')->in(Unit::Dollars)->atMost(1_000_000),
        );
    }

    public function fields(): array
    {
        return [Field::group('offer', 'what is offered to the customer', self::form())->label('Offer')->optional('nothing noted')];
    }

    public function read(Values $in, FaultList $faults): Offer
    {
        $offer = $in->group('offer');

        return $offer === null ? new Offer : $faults->attempt('offer', fn (): Offer => self::offer($offer)) ?? new Offer;
    }

    public static function offer(Values $in): Offer
    {
        $besides = preg_split('/\s+/', trim($in->textOrNull('besides') ?? ''), -1, PREG_SPLIT_NO_EMPTY) ?: [];

        return new Offer(
            array_slice(array_values(array_unique($besides)), 0, Offer::MOST_WAYS - 1), $in->flagOrNull('own_machine'),
            $in->numberOrNull('permit_usd'), $in->numberOrNull('travel_usd'), $in->textOrNull('note') ?? '', array_map(
                fn (Values $each): Extra => new Extra($each->text('id'), $each->text('what'), $each->number('usd')),
                $in->itemsOrNone('extras'),
            ),
        );
    }

    public function write(Job $job): array
    {
        $written = self::writeOffer($job->offer);

        return ['offer' => array_filter($written, fn (mixed $v): bool => $v !== null && $v !== '' && $v !== []) === [] ? null : $written];
    }

    /** @return array<string, mixed> */
    public static function writeOffer(Offer $offer): array
    {
        return [
            'besides' => implode(' ', $offer->besides), 'own_machine' => $offer->ownMachine, 'permit_usd' => $offer->permitUsd,
            'travel_usd' => $offer->travelUsd, 'note' => $offer->note, 'extras' => array_map(
                fn (Extra $extra): array => ['id' => $extra->id, 'what' => $extra->what, 'usd' => $extra->usd], $offer->extras,
            ),
        ];
    }
}
