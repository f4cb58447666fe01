<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Codebook\Source;
use Underpin\Job\OtherSource;
use Underpin\Job\Panel;
use Underpin\Job\Service;

/** Solar or a battery on a bus that the generator feeds: what the owner does with it before and after. NEC 2023 702.5, 705. */
final readonly class LockOff
{
    private function __construct(public OtherSource $source, private ?Panel $panel)
    {
    }

    /**
     * @param  list<Panel>  $fed  whose bus the generator feeds
     * @return ?self null: there is no other source, none is known of, or it hangs elsewhere
     */
    public static function of(Service $service, array $fed): ?self
    {
        $source = $service->otherSource;
        if ($source === null || ! $source->isThere() || $fed === []) {
            return null;
        }
        $panel = $service->panel($source->at);

        $ids = array_map(fn (Panel $each): string => $each->id, $fed);

        return $panel === null || in_array($panel->id, $ids, true) ? new self($source, $panel) : null;
    }

    public function where(): string
    {
        return $this->source->kind->is().' connected '.($this->panel === null ? 'somewhere in this house' : "to {$this->panel->name}");
    }

    /** @return list<OwnerStep> before anything else */
    public function before(): array
    {
        return $this->source->run?->isByHand() === false ? [] : [new OwnerStep(
            "Lock off {$this->source->kind->words()} at {$this->place()} and leave it locked for as long as the generator runs.",
            'It would feed against the generator.',
        )];
    }

    /** @return list<OwnerStep> after everything else */
    public function after(): array
    {
        return $this->source->run?->isByHand() === false ? [] : [new OwnerStep(
            "Once the house is on the utility again, take the lock off at {$this->place()} and turn {$this->source->kind->words()} on.",
        )];
    }

    /**
     * Nobody is there when a machine starts by itself: a lock by hand comes too late, or never.
     *
     * @return list<Reason>
     */
    public static function byItself(Situation $situation, Way $way): array
    {
        $lockOff = self::of($situation->job->service, $way->fedPanels($situation));

        return $lockOff === null || $lockOff->source->run?->isByHand() === false ? [] : [Reason::change(
            ucfirst("{$lockOff->where()}, on the bus that the generator takes over with nobody there: a lock by hand comes too late. It ")
                .'goes to the utility\'s side of the switch, or a listed relay opens it at every transfer, or its equipment is listed to '
                .'run with this generator.',
            Source::nec('702.5, 705'), "{$lockOff->source->kind->words()}: not by hand",
        )];
    }

    private function place(): string
    {
        return $this->source->disconnect === '' ? 'its own disconnect' : "\"{$this->source->disconnect}\"";
    }
}
