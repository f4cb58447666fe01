<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Assembly\Bond;
use Underpin\Assembly\Component;
use Underpin\Assembly\ComponentKind;
use Underpin\Assembly\ConductorKind;
use Underpin\Assembly\Element;
use Underpin\Assembly\Line;
use Underpin\Assembly\Task;
use Underpin\Codebook\Source;
use Underpin\Job\Panel;

/** A transfer panel in the place of a panel of the house: its feed, and the bond that goes over with the service. NEC 2023 250.24. */
final readonly class PanelReplaced
{
    public function __construct(private Situation $situation, private Panel $panel)
    {
    }

    /** @return list<Element> */
    public function parts(): array
    {
        $house = new HousePanel($this->situation, $this->panel);
        $name = $this->panel->name;
        $isService = (new AtService($this->situation, $this->panel))->isService();

        return [
            ...$house->source(),
            new Component('switch', ComponentKind::Switch, 'Transfer panel', $this->panel->mainAmps, panel: $this->panel->id, lines: [
                new Line(
                    'Transfer panel', $this->panel->mainAmps === null ? 'main: as the service needs' : "main of {$this->panel->mainAmps} A",
                    "It takes the place of $name, and all of its circuits. Its lock lets the main or the generator breaker be on, never "
                        .'both.',
                    Source::nec('702.5(A), 408.36, 110.3(B)'),
                ),
                ...$isService === true ? [NewService::disconnect()] : [],
            ], task: Task::TransferMain, order: "Transfer panel as main panel, {$this->panel->spaces} spaces"),
            ...$isService === true ? [NewService::surge('switch')] : [],
            Bundle::between(
                'line:switch', ConductorKind::Found, Bundle::feeder($house->isBehindService()), $house->sourceEnds(),
                Ends::side('switch', 'main'), $this->panel->mainAmps, all: [new Line(
                    "Conductors that fed $name", 'stay, and end at the main of the transfer panel',
                    'They must reach: where they do not, they are replaced, not spliced in the panel.', Source::nec('230.46, 312.6'),
                )],
            ),
            new Bond('bond:switch', $isService === true ? 'switch' : 'service', [new Line(
                'Main bonding jumper', match ($isService) {
                    true => 'in the transfer panel, the one that comes with it',
                    false => 'none here: it stays in the service disconnect',
                    null => 'not known: where the service is switched off is not noted',
                },
                'It belongs in each service disconnect, and nowhere behind it.', Source::nec('250.24, 250.28'),
            )]),
            ...CircuitsMoved::breakers($this->panel->circuits, $name),
        ];
    }
}
