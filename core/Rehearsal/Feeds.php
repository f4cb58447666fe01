<?php

declare(strict_types=1);

namespace Underpin\Rehearsal;

/** What hangs on the generator and what on the utility, as everything stands. */
final readonly class Feeds
{
    public function __construct(private House $house)
    {
    }

    /** @return list<string> ids of circuits that the generator feeds */
    public function generator(State $state): array
    {
        $reaches = $state->isRunning() && (! $this->house->hasCord() || ($state->cordAtInlet && $state->cordAtMachine)) && match (
            $this->house->arrangement
        ) {
            Arrangement::Plate => $state->generator,
            Arrangement::Lever, Arrangement::Automatic => $state->lever === 'generator',
            Arrangement::Places, Arrangement::Cords => true,
        };

        return $reaches ? $this->house->behindFeeders(array_map(strval(...), array_keys(array_filter($state->on)))) : [];
    }

    /** Something hangs on the machine; a feeder with nothing on behind it is nothing. */
    public function isLoaded(State $state): bool
    {
        return array_filter($this->generator($state), fn (string $id): bool => ! $this->house->isFeeder($id)) !== [];
    }

    /** @return list<string> ids of circuits that the utility feeds */
    public function utility(State $state): array
    {
        $reaches = $state->utility && match ($this->house->arrangement) {
            Arrangement::Plate => $state->main,
            Arrangement::Lever, Arrangement::Automatic => $state->lever === 'utility',
            Arrangement::Places, Arrangement::Cords => true,
        };
        $byPlaces = $this->house->arrangement === Arrangement::Places || $this->house->arrangement === Arrangement::Cords;

        return $reaches ? $this->house->behindFeeders(array_map(
            strval(...), array_keys(array_filter($state->on, fn (bool $on): bool => $on !== $byPlaces)),
        )) : [];
    }
}
