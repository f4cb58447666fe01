<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Assembly\Bond;
use Underpin\Assembly\Component;
use Underpin\Assembly\ComponentKind;
use Underpin\Assembly\Conductor;
use Underpin\Assembly\ConductorKind;
use Underpin\Assembly\Element;
use Underpin\Assembly\Line;
use Underpin\Codebook\Material;
use Underpin\Codebook\Source;
use Underpin\Job\Circuit;
use Underpin\Job\Panel;
use Underpin\Service\Distribution;

/** A panel of the house as components: itself, its main, what feeds it. */
final readonly class HousePanel
{
    public function __construct(private Situation $situation, public Panel $panel)
    {
    }

    /** The id of its component, which no other thing of an assembly has. */
    public static function id(string $panel): string
    {
        return "panel:$panel";
    }

    /** @return list<Element> the panel, and its main where it has one */
    public function parts(): array
    {
        $id = self::id($this->panel->id);

        return [
            new Component($id, ComponentKind::Panel, $this->panel->name, $this->panel->busAmps, panel: $this->panel->id),
            ...$this->panel->mainAmps === null ? [] : [new Component(
                "main:{$this->panel->id}", ComponentKind::Main, 'Main breaker', $this->panel->mainAmps, poles: 2, panel: $this->panel->id,
                inside: $id,
            )],
        ];
    }

    /** @return list<Element> the bond that was found in it, and whether it belongs there */
    public function bond(): array
    {
        $isService = $this->situation->distribution->node($this->panel->id)?->isService;

        return $this->panel->bonded === true ? [new Bond("bond:{$this->panel->id}", self::id($this->panel->id), [match ($isService) {
            true => new Line(
                "Main bonding jumper, {$this->panel->name}", 'is there, and stays',
                'It is the way back for every ground fault of the house, on the generator too. Nobody takes it out.',
                Source::nec('250.24, 250.28'),
            ),
            false => new Line(
                "Bond found in {$this->panel->name}", 'does not belong behind the service disconnect',
                'It comes out only where a fourth wire, or another ground path, is there and proven, everything dead: until then it may '
                    .'be the '
                    .'only way back for a fault.',
                Source::nec('250.142(B), 250.32(B)(1)'),
            ),
            null => new Line(
                "Bond found in {$this->panel->name}", 'whether it belongs there is not known',
                'Where the service is switched off is not noted. Nobody takes a bond out before that is known.',
                Source::nec('250.24, 250.142(B)'),
            ),
        }])] : [];
    }

    /** @return list<Element> what feeds it today, and the conductors from there, which stay */
    public function feed(): array
    {
        return [...$this->source(), new Conductor(
            "found:{$this->panel->id}", ConductorKind::Found, $this->sourceEnds()->component, $this->ends()->component,
            Bundle::wires("found:{$this->panel->id}", Bundle::feeder($this->isBehindService()), $this->sourceEnds(), $this->ends(), null),
            null, Material::Copper, null, null, null,
        )];
    }

    /** @return list<Component> what feeds it: the utility, a disconnect or another panel */
    public function source(): array
    {
        $node = $this->situation->distribution->node($this->panel->id);
        $source = $node?->parent === null ? null : $this->situation->distribution->node($node->parent);
        $id = $this->sourceId();

        return [match (true) {
            $source === null || $source->id === Distribution::METER => new Component(
                $id, ComponentKind::Utility, 'Utility, at the meter', $this->situation->job->service->amps,
            ),
            $source->kind === 'disconnect' => new Component($id, ComponentKind::Disconnect, $source->name, $source->offAmps),
            default => new Component($id, ComponentKind::Panel, $source->name, $source->offAmps, panel: $source->id),
        }];
    }

    public function sourceEnds(): Ends
    {
        return Ends::side($this->sourceId(), 'load');
    }

    /** Its main breaker, or its lugs, with its bars. */
    public function ends(): Ends
    {
        $id = self::id($this->panel->id);

        return $this->panel->mainAmps === null ? Ends::lugs($id) : Ends::breaker("main:{$this->panel->id}", $id);
    }

    /** The service disconnect lies ahead of it, so that neutral and ground come to it apart, in four wires. */
    public function isBehindService(): bool
    {
        return (new AtService($this->situation, $this->panel))->isService() === false;
    }

    /** A breaker of it as a component. */
    public function circuit(Circuit $circuit): Component
    {
        return new Component(
            "circuit:$circuit->id", ComponentKind::Circuit, "{$circuit->label()} $circuit->name", $circuit->breakerAmps,
            poles: $circuit->position->poles, panel: $this->panel->id, spaces: $circuit->position->spaces(),
            inside: self::id($this->panel->id),
        );
    }

    private function sourceId(): string
    {
        $node = $this->situation->distribution->node($this->panel->id);
        $parent = $node === null || $node->parent === null ? Distribution::METER : $node->parent;

        return match (true) {
            $parent === Distribution::METER => 'utility',
            $this->situation->job->service->disconnect($parent) !== null => "disconnect:$parent",
            default => self::id($parent),
        };
    }
}
