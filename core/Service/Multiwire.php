<?php

declare(strict_types=1);

namespace Underpin\Service;

use Underpin\Job\Circuit;
use Underpin\Job\Panel;

/**
 * Which breakers share a neutral: as it was found breaker by breaker, and else as far as it is known of
 * their panel. NEC 2023 210.4.
 */
final readonly class Multiwire
{
    /** @var array<string, Circuit> the other half of each, by its id with a blank before it */
    private array $partners;

    /** @param  list<Panel>  $panels */
    public function __construct(private array $panels)
    {
        $partners = [];
        foreach ($panels as $panel) {
            foreach ($panel->circuits as $circuit) {
                $other = $circuit->sharesNeutralWith === '' ? null : $panel->circuit($circuit->sharesNeutralWith);
                if ($other !== null && $other->id !== $circuit->id) {
                    $partners[" $circuit->id"] ??= $other;
                    $partners[" $other->id"] ??= $circuit;
                }
            }
        }
        $this->partners = $partners;
    }

    /** The breaker with the other hot of its multiwire circuit; null: none is known. It may have been said of either of the two. */
    public function partnerOf(Circuit $circuit): ?Circuit
    {
        return $this->partners[" $circuit->id"] ?? null;
    }

    /** It shares its neutral, within itself or with another breaker; null: nobody has looked. */
    public function isShared(Circuit $circuit): ?bool
    {
        return match (true) {
            // Said to share with a breaker that is not there any more: it still shares with something.
            $circuit->hasHalves(), $circuit->sharesNeutralWith !== '', $this->partnerOf($circuit) !== null => true,
            $circuit->position->poles === 2, $this->panelOf($circuit)?->hasMultiwire === false => false,
            default => null,
        };
    }

    /** @return list<array{Circuit, Circuit}> each pair that is known once, the upper first */
    public function pairs(): array
    {
        $pairs = $seen = [];
        foreach ($this->partners === [] ? [] : $this->panels as $panel) {
            foreach ($panel->circuits as $circuit) {
                $partner = $this->partnerOf($circuit);
                if ($partner !== null && ! isset($seen[" $circuit->id"])) {
                    $pairs[] = [$circuit, $partner];
                    $seen[" $partner->id"] = true;
                }
            }
        }

        return $pairs;
    }

    /** There are multiwire circuits in these panels; null: none is known, and nobody has looked everywhere. */
    public function anywhere(): ?bool
    {
        $found = fn (Panel $panel): bool => array_filter(
            $panel->circuits, fn (Circuit $c): bool => $c->hasHalves() || $c->sharesNeutralWith !== '',
        ) !== [];
        $known = array_map(fn (Panel $panel): ?bool => $found($panel) ? true : $panel->hasMultiwire, $this->panels);

        return match (true) {
            in_array(true, $known, true) => true,
            in_array(null, $known, true) => null,
            default => false,
        };
    }

    /**
     * Both hots of one of them are among what comes on together.
     *
     * @param  list<Circuit>  $on
     * @param  list<Panel>  $whole  panels of which every breaker can come on
     * @return ?bool null: none is known to be, and nobody has looked at all of them
     */
    public function among(array $on, array $whole = []): ?bool
    {
        $reached = array_merge($on, ...array_map(fn (Panel $p): array => $p->circuits, $whole));
        $ids = array_map(fn (Circuit $c): string => $c->id, $reached);
        foreach ($this->pairs() as [$one, $other]) {
            if (in_array($one->id, $ids, true) && in_array($other->id, $ids, true)) {
                return true;
            }
        }
        $halves = array_filter($on, fn (Circuit $c): bool => $c->hasHalves());
        $all = (new self($whole))->anywhere();
        $some = $this->amongOpen($on);

        return match (true) {
            $halves !== [], $all === true, $some === true => true,
            $all === null, $some === null => null,
            default => false,
        };
    }

    /**
     * Two breakers of one panel of which nobody has said whether they share a neutral: they do, where the panel has
     * multiwire circuits and none of them is named.
     *
     * @param  list<Circuit>  $on
     */
    private function amongOpen(array $on): ?bool
    {
        $answers = [false];
        foreach ($this->panels as $panel) {
            $open = array_filter($on, fn (Circuit $c): bool => $panel->circuit($c->id) !== null && $this->isOpen($c));
            if (count($open) > 1) {
                $answers[] = $panel->hasMultiwire === true && (new self([$panel]))->pairs() === [] ? true : null;
            }
        }

        return in_array(true, $answers, true) ? true : (in_array(null, $answers, true) ? null : false);
    }

    /** With which breaker it shares its neutral, if with any, is not known. */
    private function isOpen(Circuit $circuit): bool
    {
        $partner = $this->partnerOf($circuit);

        return $this->isShared($circuit) === null || ($circuit->sharesNeutralWith !== '' && $partner === null);
    }

    /** @return list<string> the panels that nobody has looked at for them */
    public function notLooked(): array
    {
        return array_values(array_map(
            fn (Panel $panel): string => $panel->name,
            array_filter($this->panels, fn (Panel $panel): bool => $panel->hasMultiwire === null),
        ));
    }

    private function panelOf(Circuit $circuit): ?Panel
    {
        foreach ($this->panels as $panel) {
            if ($panel->circuit($circuit->id) !== null) {
                return $panel;
            }
        }

        return null;
    }
}
