<?php

declare(strict_types=1);

namespace Underpin\Service;

/** One box of the chain from the utility to the panels. */
final readonly class DistributionPoint
{
    /**
     * @param  int  $depth  0: the meter
     * @param  ?int  $feederAmps  overcurrent protection of the conductors that feed it; null: none, or not known
     * @param  ?int  $offAmps  what switches it off in its own box; null: nothing, or not known
     * @param  ?bool  $hasSwitch  something in its own box does; null: not looked
     * @param  ?bool  $isService  its own switch is the service disconnect; null: not known, by its marking or by what is in it
     * @param  ?bool  $bonded  neutral and ground are bonded here; null: not looked
     * @param  string  $stillLive  what stays live when its own switch is off
     */
    public function __construct(
        public string $id,
        public ?string $parent,
        public int $depth,
        public string $name,
        public string $kind,
        public ?int $feederAmps,
        public ?int $offAmps,
        public ?bool $hasSwitch,
        public ?bool $isService,
        public ?bool $bonded,
        public string $stillLive,
    ) {
    }

    /** What switches it off, in words. */
    public function switch(): string
    {
        if ($this->offAmps === null) {
            return match (true) {
                $this->parent === null => 'nothing in it',
                $this->hasSwitch === false => 'main lugs only',
                default => 'main breaker not looked at',
            };
        }

        return match ($this->isService) {
            true => 'service disconnect',
            false => $this->kind === 'disconnect' ? 'a switch that is not service equipment' : 'its main',
            null => 'its switch, perhaps the service disconnect',
        }.", $this->offAmps A";
    }
}
