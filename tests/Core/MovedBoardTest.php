<?php

declare(strict_types=1);

namespace Tests\Core\MovedBoardTest;

use Tests\Support\Drawn;
use Tests\Support\Houses;
use Underpin\Design\Design;
use Underpin\Drawing\Board\BoardInk;
use Underpin\Drawing\Board\MovedBoards;
use Underpin\Drawing\Element\Circle;
use Underpin\Drawing\Element\Path;
use Underpin\Job\Circuit;
use Underpin\Job\Job;
use Underpin\Job\Panel;
use Underpin\Job\PanelKind;
use Underpin\Job\Role;

/** A panel of 12 spaces with one-pole breakers in these spaces, 600 W each; the interlock needs 1 and 3. */
function panelWith(int ...$spaces): Job
{
    return Houses::job('x', supply: Houses::supply(), connection: 'interlock', panels: [new Panel(
        'main', 'Main panel', 12, PanelKind::Main, 200, true, 1, false,
        array_map(fn (int $s): Circuit => Houses::circuit((string) $s, 1, Role::Must, 600, 600, name: "Circuit $s"), array_values($spaces)),
        bonded: true,
    )]);
}

it('draws both boards with one join for each breaker that moves, and what the legs carry', function () {
    // 1 and 3 lie on A and B: moved to the free 10 and 12, on A and B again or turned about.
    [$drawing] = (new MovedBoards)->sheets(new Design(panelWith(1, 2, 3, 4, 5, 6, 7, 8, 9, 11)));
    $joins = array_filter(Drawn::of($drawing, 'moves')->only(Path::class), fn (Path $p): bool => $p->ink === BoardInk::Move);
    $marks = array_filter(Drawn::of($drawing, 'moves')->only(Circle::class), fn (Circle $c): bool => $c->ink === BoardInk::MoveMark);
    expect($joins)->toHaveCount(2)->and($marks)->toHaveCount(2)->and(array_slice($drawing->twin, 1))->toHaveCount(2)
        ->and(array_column(array_slice($drawing->twin, 1), 2))->toEqualCanonicalizing(['1', '3'])
        ->and(array_column(array_slice($drawing->twin, 1), 3))->toEqualCanonicalizing(['10', '12']);
    $words = implode('|', Drawn::of($drawing)->words());
    // Ten circuits of 600 W at 120 V are 5 A each: five to a leg.
    expect($words)->toContain('Before')->toContain('After')->toContain('leg A 25.0 A, leg B 25.0 A.')->toContain('reach the new space');
    foreach ($joins as $join) {
        $ends = $join->traces[0]->points;
        expect($ends[0]->x)->toBeLessThan(640)->and($ends[7]->x)->toBeGreaterThan(640)->toBeLessThan($drawing->sheet->width);
        // Rows are 44 high from 130 on: what runs across a board runs between two of them.
        foreach ([2, 5] as $corner) {
            $intoRow = fmod($ends[$corner]->y - 130, 44);
            expect(min($intoRow, 44 - $intoRow))->toBeLessThan(3);
        }
    }
});

it('draws nothing where nothing moves', function (Job $job) {
    expect((new MovedBoards)->sheets(new Design($job)))->toBe([]);
})->with([[panelWith(2, 4)], [Houses::small(Houses::supply(), 'manual_switch')], [Houses::small(Houses::supply())]]);
