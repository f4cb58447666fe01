<?php

declare(strict_types=1);

namespace Underpin\Service;

use Underpin\Job\Circuit;
use Underpin\Job\Disconnect;
use Underpin\Job\Feeders;
use Underpin\Job\Job;
use Underpin\Job\Marking;
use Underpin\Job\Panel;
use Underpin\Job\Service;

/**
 * The way from the utility's meter over the disconnects to every panel: what feeds what, where
 * it is switched off, what stays live ahead of each switch, and where neutral and ground meet.
 * NEC 2023 230.70, 230.71, 250.24.
 */
final readonly class Distribution
{
    /** Nothing else has an empty id. */
    public const METER = '';

    /** @var list<DistributionPoint> each after the one that feeds it */
    public array $nodes;

    /**
     * @param  list<Panel>  $panels
     */
    public function __construct(Service $service, private array $panels)
    {
        $nodes = [
            new DistributionPoint(
                self::METER, null, 0, 'Meter', 'meter', null, null, false, false, null,
                'The utility\'s conductors. Only the utility can switch them off.',
            ),
        ];
        foreach ($service->disconnects as $disconnect) {
            $nodes[] = new DistributionPoint(
                $disconnect->id, self::METER, 1, $disconnect->name, 'disconnect', null, $disconnect->amps, true,
                self::marked($disconnect), $disconnect->bonded,
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

    public static function of(Job $job): self
    {
        return new self($job->service, $job->service->panels);
    }

    public function node(string $id): ?DistributionPoint
    {
        foreach ($this->nodes as $node) {
            if ($node->id === $id) {
                return $node;
            }
        }

        return null;
    }

    /**
     * A service disconnect lies somewhere ahead of it, so that it is no place for the bond; null: a box ahead of it may be one.
     */
    public function isBehindService(DistributionPoint $node): ?bool
    {
        $parent = $node->parent === null ? null : $this->node($node->parent);
        $behind = $parent === null ? false : $this->isBehindService($parent);

        return match (true) {
            $parent?->isService === true || $behind === true => true,
            ($parent !== null && $parent->isService === null) || $behind === null => null,
            default => false,
        };
    }

    /** @return list<DistributionPoint> ahead of it that are the service disconnect, or may be: the one ahead of the others first */
    public function servicesAhead(DistributionPoint $node): array
    {
        $parent = $node->parent === null ? null : $this->node($node->parent);

        return $parent === null ? [] : [...$this->servicesAhead($parent), ...$parent->isService === false ? [] : [$parent]];
    }

    /** @return list<DistributionPoint> that have neutral and ground bonded */
    public function bonds(): array
    {
        return array_values(array_filter($this->nodes, fn (DistributionPoint $n): bool => $n->bonded === true));
    }

    /** @return list<string> ids of a box and of everything that it feeds */
    public function behind(string $id): array
    {
        return array_merge([$id], ...array_map(fn (DistributionPoint $n): array => $this->behind($n->id), $this->fedBy($id)));
    }

    /** @return list<Circuit> of a panel and of every panel that it feeds */
    public function circuitsBehind(Panel $panel): array
    {
        $behind = $this->behind($panel->id);

        return array_merge([], ...array_map(fn (Panel $p): array => in_array($p->id, $behind, true) ? $p->circuits : [], $this->panels));
    }

    /** @return list<DistributionPoint> that this one feeds */
    public function fedBy(string $id): array
    {
        return array_values(array_filter($this->nodes, fn (DistributionPoint $n): bool => $n->parent === $id));
    }

    /**
     * A panel and everything behind it.
     *
     * @param  list<Panel>  $panels
     * @return list<DistributionPoint>
     */
    private static function below(Panel $panel, string $parent, int $depth, Service $service, array $panels): array
    {
        $isService = self::isServicePanel($panel, $parent, $service);
        $nodes = [new DistributionPoint(
            $panel->id, $parent, $depth, $panel->name, $panel->kind->words(), Feeders::breakerAmps($panel, $panels), $panel->mainAmps,
            $panel->hasMain(), $isService, $panel->bonded,
            self::stillLive($panel, $parent, $service, $panels),
        )];
        foreach ($panels as $other) {
            if ($other->fedFrom === $panel->id) {
                array_push($nodes, ...self::below($other, $panel->id, $depth + 1, $service, $panels));
            }
        }

        return $nodes;
    }

    private static function marked(Disconnect $disconnect): ?bool
    {
        return match ($disconnect->marking) {
            Marking::Service => true,
            Marking::NotService => false,
            null => null,
        };
    }

    /** The first switch behind the meter, or behind a disconnect that is not service equipment. A main that is not noted may be there. */
    private static function isServicePanel(Panel $panel, string $parent, Service $service): ?bool
    {
        $ahead = $service->disconnect($parent);

        return match (true) {
            $parent !== self::METER && $ahead === null, $ahead?->marking === Marking::Service => false,
            $ahead !== null && $ahead->marking === null => null,
            default => $panel->mainAmps === null ? null : true,
        };
    }

    /** @param  list<Panel>  $panels */
    private static function stillLive(Panel $panel, string $parent, Service $service, array $panels): string
    {
        $source = $service->disconnect($parent)->name ?? '';
        foreach ($panels as $other) {
            $source = $other->id === $parent ? $other->name : $source;
        }
        $feeder = $parent === self::METER ? '' : ($service->disconnect($parent) === null
            ? "its feeder's breaker".(
                Feeders::breakerAmps($panel, $panels) === null ? '' : ' ('.Feeders::breakerAmps($panel, $panels).' A)'
            )." in $source"
            : $source);

        return match (true) {
            $panel->mainAmps !== null
                && $parent === self::METER => 'The lugs above its main and everything back to the utility. '
                    .'Only the utility can switch them off.',
            $panel->mainAmps !== null => "The lugs above its main, until $feeder is off.",
            $panel->mainLugs === true && $parent === self::METER => 'Everything in it: it has main lugs only. '
                .'Only the utility can switch it off.',
            $panel->mainLugs === true => "Everything in it, until $feeder is off: it has main lugs only.",
            $parent === self::METER => 'Everything in it: nobody has looked for a main. Only the utility can switch it off.',
            default => "Everything in it, until $feeder is off: nobody has looked for a main of its own.",
        };
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
