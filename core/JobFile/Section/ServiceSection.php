<?php

declare(strict_types=1);

namespace Underpin\JobFile\Section;

use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Values;
use Underpin\JobFile\JobFileForm;
use Underpin\Refused;
use Underpin\Service\Disconnect;
use Underpin\Service\DisconnectPlace;
use Underpin\Service\Service;

/** The way from the utility to the panels. */
final class ServiceSection
{
    public static function form(): Form
    {
        return new Form(
            Field::enum('place', 'where the service is switched off', DisconnectPlace::class)->optional('not looked at'),
            Field::items('disconnects', 'ahead of the panels; none when the panel\'s own main is the disconnect', self::disconnect())->atMost(Service::MOST_DISCONNECTS),
        );
    }

    public static function disconnect(): Form
    {
        return new Form(
            Field::id()->atMost(JobFileForm::LONGEST_ID),
            Field::text('name', 'as it is marked')->required()->atMost(60),
            Field::whole('amps', 'its rating, amperes')->atLeast(Disconnect::LEAST_A)->atMost(Disconnect::MOST_A),
            Field::flag('bonded', 'neutral and ground are bonded in it')->optional('not looked'),
        );
    }

    /** @return array<string, mixed> */
    public static function write(Service $service): array
    {
        return [
            'place' => $service->place?->value,
            'disconnects' => array_map(fn (Disconnect $d): array => ['id' => $d->id, 'name' => $d->name, 'amps' => $d->amps, 'bonded' => $d->bonded], $service->disconnects),
        ];
    }

    /** @throws Refused by field */
    public static function read(?Values $in): Service
    {
        if ($in === null) {
            return new Service;
        }
        $disconnects = [];
        foreach ($in->items('disconnects') as $i => $each) {
            try {
                $disconnects[] = new Disconnect($each->text('id'), $each->text('name'), $each->whole('amps'), $each->flagOrNull('bonded'));
            } catch (Refused $refused) {
                throw $refused->within("disconnects.$i");
            }
        }

        return new Service(DisconnectPlace::tryFrom($in->textOrNull('place') ?? ''), $disconnects);
    }
}
