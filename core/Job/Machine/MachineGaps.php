<?php

declare(strict_types=1);

namespace Underpin\Job\Machine;

use Underpin\Job\Machine;
use Underpin\Job\Outlet;
use Underpin\Job\Rating;

/** What is not known of a machine, and what that keeps from being judged. */
final class MachineGaps
{
    /** @return array<string, string> what is not known => what waits for it */
    public static function of(Machine $machine): array
    {
        return array_map(
            fn (array $gap): string => $gap[1],
            array_filter([
                ...self::electrical($machine), ...$machine->form->isBattery() ? self::stored($machine) : self::engine($machine),
                ...self::standing($machine), ...self::shop($machine),
            ], fn (array $gap): bool => $gap[0]),
        );
    }

    /** @return array<string, array{bool, string}> */
    private static function electrical(Machine $machine): array
    {
        $plate = $machine->plate;
        $atTerminals = $machine->outlet === Outlet::Terminals;

        return [
            'the neutral' => [$machine->bond === null, 'Connect: whether there would be two bonds, or none'],
            'the ground-fault outlet' => [$machine->gfci === null && ! $atTerminals, 'Connect: whether it trips on the bond of the house'],
            'the advertised peak' => [
                self::any(
                    $machine, fn (Rating $r): bool => $r->peakW === null,
                ), 'Size: starts, which are held against its running watts until then',
            ],
            'the breaker of its own' => [$plate->ownBreaker === null && $atTerminals, 'Wire: what protects the feeder'],
            'the amperes on its plate' => [$plate->amps === null && $atTerminals, 'Wire: 115 % of them on a feeder without a breaker'],
            'the alternator and its reactance' => [
                ($plate->kva === null || $plate->reactancePu === null) && ! $machine->form->isInverter(),
                'Size and Connect: the dip of a start, and its fault current, which are worked out from usual figures until then',
            ],
            'the listing' => [$plate->listed === null, 'Connect: what the inspector asks first'],
        ];
    }

    /** @return array<string, array{bool, string}> */
    private static function engine(Machine $machine): array
    {
        $losses = $machine->losses;

        return [
            'height and heat' => [
                $losses->pctPer1000Ft === null || $losses->pctPer10F === null, 'Size: the usual rule counts until then',
            ],
            'what it burns' => [
                self::any($machine, fn (Rating $r): bool => $r->idlePerH === null || $r->fullPerH === null),
                'Place and fuel: how long a tank lasts',
            ],
            'the tank' => [
                $machine->housing->tankGal === null && ! $machine->form->isStandby(), 'Place and fuel: hours until it is refueled',
            ],
            'the service intervals' => [$machine->service->oilH === null, 'Keep: when its oil is due; good practice counts until then'],
        ];
    }

    /** @return array<string, array{bool, string}> */
    private static function stored(Machine $machine): array
    {
        return [
            'the stored energy' => [$machine->stored->wh === null, 'Size: how long it lasts'],
            'how long its peak lasts' => [$machine->stored->surgeS === null, 'Size: whether a motor starts before it shuts off'],
            'what it charges with' => [$machine->stored->rechargeW === null, 'Place and fuel: how long it takes to fill'],
        ];
    }

    /** @return array<string, array{bool, string}> */
    private static function standing(Machine $machine): array
    {
        $housing = $machine->housing;

        return [
            'the noise' => [$housing->noiseDb === null && ! $machine->form->isBattery(), 'Place and fuel: what the neighbors hear'],
            'weight and size' => [
                $housing->weightLb === null || $housing->widthIn === null || $housing->depthIn === null,
                'Place and fuel: whether it fits, and who lifts it',
            ],
            'the listed clearances' => [
                $machine->form->isStandby() && ($housing->wallIn === null || $housing->openingIn === null),
                'Place and fuel: 5 ft from walls that burn and from openings counts until then',
            ],
            'the emergency stop' => [
                $machine->form->isStandby() && $housing->outsideStop === null, 'Place and fuel: 445.19 asks for one outside',
            ],
        ];
    }

    /** @return array<string, array{bool, string}> */
    private static function shop(Machine $machine): array
    {
        return [
            'the price' => [$machine->priceUsd === null, 'Size and Price: it is offered after those that have one'],
            'the lead time' => [$machine->leadWeeks === null, 'Price and papers: when it must be ordered'],
        ];
    }

    private static function any(Machine $machine, callable $lacks): bool
    {
        return array_filter($machine->ratings, $lacks) !== [];
    }
}
