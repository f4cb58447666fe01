<?php

declare(strict_types=1);

namespace Underpin\Job\Part;

use Underpin\Codebook\StandbyPlace;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Unit;
use Underpin\Form\Values;
use Underpin\Job\DemandMethod;
use Underpin\Job\LocalRules;
use Underpin\Refused;

/** What the local authority says. */
final class LocalRulesPart
{
    public static function form(): Form
    {
        /** @var ?Form $form */
        static $form = null;

        return $form ??= new Form(
            Field::text('authority', 'who decides')->label('Authority')->atMost(100),
            Field::text('edition', 'code edition in force')->label('Code edition')->atMost(40),
            Field::flag(
                'splices_in_panel', 'splices are allowed inside a panel', 'allowed', 'not allowed',
            )->label('Splices in a panel')->default(true),
            Field::flag('permit', 'a permit is needed', 'needed', 'not needed')->label('Permit')->default(true),
            Field::flag('inspection', 'the work is inspected', 'needed', 'not needed')->label('Inspection')->default(true),
            Field::number('portable_ft', 'feet that a portable machine keeps from the house')
                ->label('Portable from the house')
                ->in(Unit::Feet)
                ->atLeast(LocalRules::LEAST_PORTABLE_FT)
                ->atMost(LocalRules::MOST_PORTABLE_FT)
                ->hint('Carbon monoxide leaves no smaller distance.')
                ->default(LocalRules::LEAST_PORTABLE_FT),
            Field::number('opening_ft', 'feet that a standby keeps from doors, windows and vents')->label('Standby from openings')
                ->in(Unit::Feet)->atLeast(StandbyPlace::OPENINGS_FT)->atMost(LocalRules::MOST_PORTABLE_FT)
                ->hint('NFPA 37 4.1.4 leaves no smaller one.')->optional('5 ft'),
            Field::number('property_ft', 'feet that a machine keeps from the property line')->label('Machine from the property line')
                ->in(Unit::Feet)->atMost(LocalRules::MOST_PORTABLE_FT)->optional('not asked'),
            Field::number('night_db', 'loudest at the property line and at a neighbor\'s window by night')->label('Noise at night')
                ->in(Unit::Decibels)->atLeast(20)->atMost(120)->optional('not asked'),
            Field::number('gas_meter_ft', 'feet that a machine keeps from the gas meter, as the utility says')
                ->label('Machine from the gas meter')
                ->in(Unit::Feet)->atMost(LocalRules::MOST_PORTABLE_FT)->optional('not asked'),
            Field::text('who', 'who may do the work')->label('Who may do the work')->atMost(200),
            Field::items(
                'calculations', 'load calculations that are accepted',
                new Form(Field::enum('method', 'one of them', DemandMethod::class)->label('Calculation')),
            )
                ->label('Load calculations accepted')
                ->atMost(4)
                ->optional('all'),
            Field::flag('meter_adapter', 'the utility takes meter-socket adapters', 'taken by the utility', 'not taken')
                ->label('Meter-socket adapters')->optional('not asked'),
            Field::text('notes', 'free notes')->label('Notes')->atMost(2000),
            Field::text('source', 'where this was read or who said it')->label('Source')->atMost(200),
            Field::date('dated', 'when, as YYYY-MM-DD')->label('As of'),
        );
    }

    /** @return array<string, mixed> */
    public static function write(LocalRules $rules): array
    {
        return [
            'authority' => $rules->authority,
            'edition' => $rules->edition,
            'splices_in_panel' => $rules->splicesInPanel,
            'permit' => $rules->permit,
            'inspection' => $rules->inspection,
            'portable_ft' => $rules->portableFt,
            'opening_ft' => $rules->openingFt,
            'property_ft' => $rules->propertyFt,
            'night_db' => $rules->nightDb,
            'gas_meter_ft' => $rules->gasMeterFt,
            'who' => $rules->who,
            'calculations' => array_map(fn (DemandMethod $m): array => ['method' => $m->value], $rules->calculations),
            'meter_adapter' => $rules->meterAdapter,
            'notes' => $rules->notes,
            'source' => $rules->source,
            'dated' => $rules->dated,
        ];
    }

    /** @throws Refused by field */
    public static function read(?Values $in): LocalRules
    {
        return $in === null ? new LocalRules : new LocalRules(
            $in->text('authority'), $in->text('edition'), $in->flag('splices_in_panel'), $in->flag('permit'), $in->flag('inspection'),
            $in->number('portable_ft'), $in->text('who'),
            $in->has('calculations')
                ? array_map(fn (Values $each): DemandMethod => DemandMethod::from($each->text('method')), $in->items('calculations'))
                : DemandMethod::cases(),
            $in->text('notes'), $in->text('source'), $in->text('dated'), $in->flagOrNull('meter_adapter'),
            $in->numberOrNull('opening_ft'), $in->numberOrNull('property_ft'), $in->numberOrNull('night_db'),
            $in->numberOrNull('gas_meter_ft'),
        );
    }
}
