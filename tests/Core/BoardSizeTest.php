<?php

declare(strict_types=1);

use Tests\Support\Drawn;
use Tests\Support\RandomHouse;
use Underpin\Design\Design;
use Underpin\Drawing\Board\BoardInk;
use Underpin\Drawing\Board\BoardSize;
use Underpin\Drawing\Board\PanelBoard;
use Underpin\Drawing\Box;
use Underpin\Drawing\Element\Rect;
use Underpin\Drawing\Element\Text;
use Underpin\Job\Circuit;
use Underpin\Job\Position;
use Underpin\Job\Protection;

it('says a name whole, in two lines where one is too short', function (string $name, array $wide, array $narrow) {
    $circuit = new Circuit('c', new Position(1), 20, $name, Protection::Afci);
    expect(BoardSize::wide()->lines($circuit))->toBe($wide)->and(BoardSize::narrow()->lines($circuit))->toBe($narrow);
})->with([
    ['Well pump', ['Well pump'], ['Well pump']],
    ['Office and router', ['Office and', 'router'], ['Office and', 'router']],
    ['Upstairs bedroom lights', ['Upstairs bedroom', 'lights'], ['Upstairs bedroom', 'lights']],
    ['', ['unnamed'], ['unnamed']],
]);

it('fits a board of any panel into the hand: breakers apart, as high as a finger, every word inside its own', function (int $seed) {
    $job = RandomHouse::job($seed);
    foreach ($job->service->panels as $panel) {
        $board = new PanelBoard($panel, new Design($job), size: BoardSize::narrow());
        $drawing = $board->drawing();
        expect($drawing->sheet->width)->toBeLessThanOrEqual(358.0);
        $drawn = Drawn::of($drawing, 'breakers');
        $faces = array_values(array_filter(
            $drawn->only(Rect::class), fn (Rect $r): bool => in_array($r->ink, [BoardInk::Face, BoardInk::FaceOff], true),
        ));
        foreach ($faces as $i => $one) {
            foreach (array_slice($faces, $i + 1) as $other) {
                expect($one->box->overlaps($other->box))->toBeFalse();
            }
        }
        foreach ($panel->circuits as $circuit) {
            $link = $board->breaker($circuit);
            $face = array_values(array_filter($link->elements, fn ($e): bool => $e instanceof Rect))[0]->box;
            expect($circuit->position->half !== null || $face->h >= 44.0)->toBeTrue();
            $baselines = array_map(fn (Text $t): float => $t->y, array_values(array_filter($link->elements,
                fn ($e): bool => $e instanceof Text)));
            if ($circuit->position->half === null) {
                expect(min($baselines))->toBeGreaterThan($face->y)->and(max($baselines))->toBeLessThan($face->bottom());
            }
        }
    }
})->with(range(1, 10));

it('knows boxes that lie over each other from those that touch', function () {
    $box = new Box(0, 0, 10, 10);
    expect($box->overlaps(new Box(9, 9, 5, 5)))->toBeTrue()
        ->and($box->overlaps(new Box(10, 0, 5, 5)))->toBeFalse()
        ->and($box->overlaps(new Box(0, 10, 5, 5)))->toBeFalse();
});
