<?php

declare(strict_types=1);

namespace Underpin\Job;

use Underpin\Job\Part\ServicePart;
use Underpin\Refused;

/** The service, the way of the utility's conductors up to the panels, and the panels. NEC 2023 230.70, 230.71. */
final readonly class Service
{
    /** smallest and largest service, amperes */
    public const LEAST_A = 30;

    public const MOST_A = 600;

    /** No more means of disconnecting one service than this. NEC 2023 230.71(B). */
    public const MOST_DISCONNECTS = 6;

    /** @var list<Panel> the one that the generator feeds first */
    public array $panels;

    /**
     * @param  ?DisconnectPlace  $place  null: not looked at yet
     * @param  list<Disconnect>  $disconnects  ahead of the panels; none when the panel's own main is the disconnect
     * @param  ?int  $amps  rating of the service; null: not looked at yet
     * @param  ?OtherSource  $otherSource  solar or a battery; null: not looked
     * @param  list<Panel>  $panels  the one that the generator feeds first
     */
    public function __construct(
        public ?DisconnectPlace $place = null,
        public array $disconnects = [],
        public ?int $amps = null,
        array $panels = [],
        public ExistingEquipment $existing = new ExistingEquipment,
        public ?OtherSource $otherSource = null,
    ) {
        ServicePart::amps()->read($amps);
        $this->panels = array_map(fn (Panel $panel): Panel => $panel->among(count($panels)), $panels);
        if (count($disconnects) > self::MOST_DISCONNECTS) {
            throw new Refused('disconnects', sprintf(
                'Disconnects: a service may have at most %d (NEC 2023 230.71(B)); %d were given.', self::MOST_DISCONNECTS,
                count($disconnects),
            ));
        }
        if ($disconnects !== [] && $place === DisconnectPlace::Panel) {
            throw new Refused('place', 'The place must be the meter or a cabinet: there are disconnects ahead of the panels.');
        }
        if (count($disconnects) > 1 && $place === DisconnectPlace::Meter) {
            throw new Refused('place', 'The place must be a cabinet: several disconnects stand in one; a meter has one.');
        }
    }

    public function with(mixed ...$changes): self
    {
        /** @phpstan-ignore argument.type (the names and types are this class's own) */
        return new self(...[...get_object_vars($this), ...$changes]);
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

    public function panel(string $id): ?Panel
    {
        foreach ($this->panels as $panel) {
            if ($panel->id === $id) {
                return $panel;
            }
        }

        return null;
    }

    /**
     * The same service, switched off there. Where the main of the only panel on it does that, that main rates it, unless
     * something else was noted: nobody types one figure twice.
     */
    public function switchedOffBy(?DisconnectPlace $place): self
    {
        $onIt = array_values(array_filter($this->panels, fn (Panel $panel): bool => $panel->fedFrom === ''));
        $main = $place === DisconnectPlace::Panel && count($onIt) === 1 ? $onIt[0]->mainAmps : null;
        $fits = $main !== null && $main >= self::LEAST_A && $main <= self::MOST_A;

        return $this->with(place: $place, amps: $this->amps ?? ($fits ? $main : null));
    }

    /** The same service with another panel in the place of the one of its id. */
    public function withPanel(Panel $panel): self
    {
        return $this->with(panels: array_map(fn (Panel $p): Panel => $p->id === $panel->id ? $panel : $p, $this->panels));
    }
}
