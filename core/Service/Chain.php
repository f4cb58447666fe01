<?php

declare(strict_types=1);

namespace Underpin\Service;

use Underpin\Refused;

/**
 * The chain from the utility's meter over the disconnects to every panel: what feeds what, where
 * it is switched off, what stays live ahead of each switch, and where neutral and ground meet.
 * NEC 2023 230.70, 230.71, 250.24.
 */
final readonly class Chain
{
    /** Nothing else has an empty id. */
    public const METER = '';

    /** @var list<ChainNode> each after the one that feeds it */
    public array $nodes;

    /**
     * @param  list<Panel>  $panels
     */
    public function __construct(Service $service, array $panels)
    {
        $nodes = [new ChainNode(self::METER, null, 0, 'Meter', 'meter', null, null, false, null, 'The utility\'s conductors. Only the utility can switch them off.')];
        foreach ($service->disconnects as $disconnect) {
            $nodes[] = new ChainNode(
                $disconnect->id, self::METER, 1, $disconnect->name, 'disconnect', null, $disconnect->amps, true, $disconnect->bonded,
                'Its line lugs and everything back to the utility.',
            );
        }
        foreach ($panels as $panel) {
            if (self::source($panel, $service) === self::METER) {
                array_push($nodes, ...self::below($panel, self::METER, 1, $service, $panels));
            }
        }
        foreach ($service->disconnects as $disconnect) {
            foreach ($panels as $panel) {
                if (self::source($panel, $service) === $disconnect->id) {
                    array_push($nodes, ...self::below($panel, $disconnect->id, 2, $service, $panels));
                }
            }
        }
        $this->nodes = $nodes;
    }

    /**
     * What the panels say of their feeders must make a tree.
     *
     * @param  list<Panel>  $panels
     *
     * @throws Refused naming the panel's place and field: "panels.2.fed_from"; "service.disconnects" when an id is a panel's too
     */
    public static function guard(Service $service, array $panels): void
    {
        $byId = [];
        foreach ($panels as $panel) {
            $byId[" $panel->id"] = $panel;
            if ($service->disconnect($panel->id) !== null) {
                throw new Refused('service.disconnects', "disconnects: the id \"$panel->id\" is that of a panel too.");
            }
        }
        foreach ($panels as $i => $panel) {
            $seen = [];
            for ($at = $panel; $at !== null; $at = $byId[" $at->fedFrom"] ?? null) {
                if (isset($seen[" $at->id"])) {
                    throw new Refused("panels.$i.fed_from", "fed_from: $panel->name would feed itself.");
                }
                $seen[" $at->id"] = true;
                if ($at->fedFrom !== '' && ! isset($byId[" $at->fedFrom"]) && $service->disconnect($at->fedFrom) === null) {
                    throw new Refused("panels.$i.fed_from", "fed_from: there is no panel or disconnect \"$at->fedFrom\" for $panel->name to be fed from.");
                }
            }
        }
    }

    public function node(string $id): ?ChainNode
    {
        foreach ($this->nodes as $node) {
            if ($node->id === $id) {
                return $node;
            }
        }

        return null;
    }

    /** A service disconnect lies somewhere ahead of it, so that it is no place for the bond. */
    public function isBehindService(ChainNode $node): bool
    {
        $parent = $node->parent === null ? null : $this->node($node->parent);

        return $parent !== null && ($parent->isService || $this->isBehindService($parent));
    }

    /** @return list<ChainNode> that have neutral and ground bonded */
    public function bonds(): array
    {
        return array_values(array_filter($this->nodes, fn (ChainNode $n): bool => $n->bonded === true));
    }

    /** @return list<string> ids of a box and of everything that it feeds */
    public function behind(string $id): array
    {
        return array_merge([$id], ...array_map(fn (ChainNode $n): array => $this->behind($n->id), $this->fedBy($id)));
    }

    /** @return list<ChainNode> that this one feeds */
    public function fedBy(string $id): array
    {
        return array_values(array_filter($this->nodes, fn (ChainNode $n): bool => $n->parent === $id));
    }

    /**
     * A panel and everything behind it.
     *
     * @param  list<Panel>  $panels
     * @return list<ChainNode>
     */
    private static function below(Panel $panel, string $parent, int $depth, Service $service, array $panels): array
    {
        $isService = $parent === self::METER && $panel->mainA !== null;
        $nodes = [new ChainNode(
            $panel->id, $parent, $depth, $panel->name, $panel->kind->words(), self::feederA($panel, $panels), $panel->mainA, $isService, $panel->bonded,
            self::stillLive($panel, $parent, $service, $panels),
        )];
        foreach ($panels as $other) {
            if ($other->fedFrom === $panel->id) {
                array_push($nodes, ...self::below($other, $panel->id, $depth + 1, $service, $panels));
            }
        }

        return $nodes;
    }

    /** @param  list<Panel>  $panels */
    private static function stillLive(Panel $panel, string $parent, Service $service, array $panels): string
    {
        $source = $service->disconnect($parent)->name ?? '';
        foreach ($panels as $other) {
            $source = $other->id === $parent ? $other->name : $source;
        }
        $feeder = $parent === self::METER ? '' : ($service->disconnect($parent) === null
            ? "its feeder's breaker".(self::feederA($panel, $panels) === null ? '' : ' ('.self::feederA($panel, $panels).' A)')." in $source"
            : $source);

        return match (true) {
            $panel->mainA !== null && $parent === self::METER => 'The lugs above its main and everything back to the utility. Only the utility can switch them off.',
            $panel->mainA !== null => "The lugs above its main, until $feeder is off.",
            $parent === self::METER => 'Everything in it: nothing here switches it off. Only the utility can.',
            default => "Everything in it, until $feeder is off: it has no main of its own.",
        };
    }

    /**
     * The breaker of its feeder: the circuit in the panel before it, or as it was typed.
     *
     * @param  list<Panel>  $panels
     */
    public static function feederA(Panel $panel, array $panels): ?int
    {
        foreach ($panels as $other) {
            if ($other->id === $panel->fedFrom && $panel->feederCircuit !== '') {
                return $other->circuit($panel->feederCircuit)->breakerA ?? $panel->feederA;
            }
        }

        return $panel->feederA;
    }

    private static function source(Panel $panel, Service $service): string
    {
        return match (true) {
            $panel->fedFrom !== '' => $panel->fedFrom,
            count($service->disconnects) === 1 => $service->disconnects[0]->id,
            default => self::METER,
        };
    }
}
