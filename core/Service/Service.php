<?php

declare(strict_types=1);

namespace Underpin\Service;

use Underpin\Refused;

/** The way of the utility's conductors up to the panels. NEC 2023 230.70, 230.71. */
final readonly class Service
{
    /** No more means of disconnecting one service than this. NEC 2023 230.71(B). */
    public const MOST_DISCONNECTS = 6;

    /**
     * @param  ?DisconnectPlace  $place  null: not looked at yet
     * @param  list<Disconnect>  $disconnects  ahead of the panels; none when the panel's own main is the disconnect
     */
    public function __construct(public ?DisconnectPlace $place = null, public array $disconnects = [])
    {
        if (count($disconnects) > self::MOST_DISCONNECTS) {
            throw new Refused('disconnects', sprintf('disconnects: a service may have at most %d (NEC 2023 230.71(B)); %d were given.', self::MOST_DISCONNECTS, count($disconnects)));
        }
        if ($disconnects !== [] && $place === DisconnectPlace::Panel) {
            throw new Refused('place', 'place: with disconnects ahead of the panels it must be meter or cabinet.');
        }
        if (count($disconnects) > 1 && $place === DisconnectPlace::Meter) {
            throw new Refused('place', 'place: several disconnects stand in a cabinet; a meter has one.');
        }
    }

    public function disconnect(string $id): ?Disconnect
    {
        foreach ($this->disconnects as $disconnect) {
            if ($disconnect->id === $id) {
                return $disconnect;
            }
        }

        return null;
    }
}
