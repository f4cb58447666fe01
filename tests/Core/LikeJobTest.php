<?php

declare(strict_types=1);

use Tests\Support\Houses;
use Tests\Support\RandomHouse;
use Underpin\Job\Basis;
use Underpin\Job\Circuit;
use Underpin\Job\Customer;
use Underpin\Job\Job;
use Underpin\Job\LikeJob;
use Underpin\Job\Load;
use Underpin\Job\Site;
use Underpin\Job\Work\Work;

it('takes the layout of another job, and nothing that was looked at or measured there', function (int $seed) {
    $like = RandomHouse::job($seed);
    $job = (new Job('Mine'))->with(new Customer('Own'), new Site(altitudeFt: 800.0));
    $made = LikeJob::into($job, $like);
    expect($made->name)->toBe('Mine')->and($made->customer->name)->toBe('Own')->and($made->site->altitudeFt)->toBe(800.0)
        ->and($made->basis)->toEqual(new Basis)->and($made->work)->toEqual(new Work)
        ->and($made->service->amps)->toBeNull()->and($made->service->place)->toBeNull()->and($made->service->disconnects)->toBe([])
        ->and($made->service->otherSource)->toBeNull()->and($made->service->existing->found)->toBe([])
        ->and($made->authority)->toEqual($like->authority)->and($made->generator)->toEqual($like->generator)
        ->and($made->connection->way)->toBe($like->connection->way)->and($made->connection->switchKind)->toBeNull();
    $laid = fn (Circuit $c): array => [$c->id, $c->position, $c->breakerAmps, $c->name, $c->role, $c->protection, $c->runW()];
    expect(array_map($laid, $made->circuits()))->toEqual(array_map($laid, $like->circuits()));
    foreach ($made->service->panels as $panel) {
        expect([$panel->bonded, $panel->hasMultiwire, $panel->interlockListed])->toBe([null, null, null])
            ->and([$panel->feederGround, $panel->otherBuilding, $panel->mainLugs])->toBe([null, null, null])
            ->and($panel->tandemSpaces)->toBeNull();
    }
    foreach ($made->circuits() as $circuit) {
        expect([$circuit->measured, $circuit->keepOn, $circuit->sharesNeutralWith, $circuit->receptacleAmps])->toBe([null, '', '', null]);
        expect(array_filter($circuit->loads, fn (Load $l): bool => $l->plug !== null || $l->bridgeMin !== null))->toBe([]);
    }
})->with(range(1, 12));

it('keeps what feeds what, where it is one of the breakers', function () {
    $job = LikeJob::into(new Job('Mine'), Houses::small(Houses::supply(), 'interlock'));
    expect($job->service->panels[0]->mainAmps)->toBe(200)->and($job->generator->machine)->not->toBeNull();
});
