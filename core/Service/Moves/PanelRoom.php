<?php

declare(strict_types=1);

namespace Underpin\Service\Moves;

use Underpin\Job\Position;
use Underpin\Refused;

/** A panel as somebody sees it who must make room in it: its spaces, what sits in them, and which two must become free. */
final readonly class PanelRoom
{
    /** @var array<int, SeatedBreaker> by space */
    private array $occupants;

    /**
     * @param  int  $spaces  even, 2 to 84
     * @param  list<SeatedBreaker>  $breakers
     * @param  list<int>  $needs  two spaces, one above the other
     * @param  list<int>  $tandemSpaces  where the panel accepts a tandem breaker
     *
     * @throws Refused on "spaces", "breakers.1.space", "needs" or "tandem_spaces.2"
     */
    public function __construct(public int $spaces, public array $breakers, public array $needs, public array $tandemSpaces = [])
    {
        if ($spaces % 2 === 1 || $spaces < 2 || $spaces > Position::HIGHEST_SPACE) {
            throw new Refused(
                'spaces', sprintf('spaces must be an even number from 2 to %d; %d was given.', Position::HIGHEST_SPACE, $spaces),
            );
        }
        $occupants = [];
        foreach ($breakers as $i => $breaker) {
            foreach ($breaker->spaces() as $space) {
                if ($space < 1 || $space > $spaces) {
                    throw new Refused("breakers.$i.space", "space $space is not in this panel: it has $spaces spaces.");
                }
                if (isset($occupants[$space])) {
                    throw new Refused("breakers.$i.space", "space $space is taken twice: \"{$occupants[$space]->id}\" sits there already.");
                }
                $occupants[$space] = $breaker;
            }
        }
        $this->occupants = $occupants;
        $this->guardNeeds();
        foreach ($tandemSpaces as $i => $space) {
            if ($space < 1 || $space > $spaces) {
                throw new Refused("tandem_spaces.$i", "tandem_spaces: $space is not in this panel: it has $spaces spaces.");
            }
        }
    }

    /** Null: nothing sits there. */
    public function occupant(int $space): ?SeatedBreaker
    {
        return $this->occupants[$space] ?? null;
    }

    public function isNeeded(int $space): bool
    {
        return in_array($space, $this->needs, true);
    }

    public function acceptsTandem(int $space): bool
    {
        return in_array($space, $this->tandemSpaces, true);
    }

    /** @return list<SeatedBreaker> that sit in a needed space */
    public function inTheWay(): array
    {
        return array_values(array_filter(
            $this->breakers, fn (SeatedBreaker $b): bool => array_intersect($b->spaces(), $this->needs) !== [],
        ));
    }

    /** @return int spaces beside the needed ones with nothing in them */
    public function freeElsewhere(): int
    {
        return $this->spaces - count($this->occupants + array_fill_keys($this->needs, true));
    }

    private function guardNeeds(): void
    {
        $needs = $this->needs;
        sort($needs);
        if (count($needs) !== 2 || $needs[1] !== $needs[0] + 2 || $needs[0] < 1 || $needs[1] > $this->spaces) {
            throw new Refused('needs', sprintf(
                'needs must be two spaces of this panel, one above the other, such as 1 and 3; %s was given.',
                $needs === [] ? 'none' : implode(' and ', $this->needs),
            ));
        }
    }
}
