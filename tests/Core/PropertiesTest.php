<?php

declare(strict_types=1);

namespace Tests\Core\PropertiesTest;

use Tests\Support\Houses;
use Tests\Support\RandomHouse;
use Underpin\Checks\Review;
use Underpin\Connection\Ways;
use Underpin\Drawing\Strip\LegStrip;
use Underpin\Exchange\JobFile;
use Underpin\Exchange\JobReport;
use Underpin\Exchange\Schedule\ScheduleReader;
use Underpin\Exchange\Schedule\ScheduleWriter;
use Underpin\Job\Circuit;
use Underpin\Job\DemandInputs;
use Underpin\Job\DemandMethod;
use Underpin\Job\Dwelling;
use Underpin\Job\Half;
use Underpin\Job\Load;
use Underpin\Job\LoadBasis;
use Underpin\Job\Outlet;
use Underpin\Job\Position;
use Underpin\Job\Role;
use Underpin\Job\WireRun;
use Underpin\Limit;
use Underpin\Loads\Comparison;
use Underpin\Loads\Plan;
use Underpin\Outage\SwitchingCard;
use Underpin\Service\Distribution;
use Underpin\Sizing\Fit;
use Underpin\Sizing\Supply;
use Underpin\Sizing\Verdict;
use Underpin\Stages\Stages;

dataset('seeds', range(1, 40));

/** @return list<Supply> */
function supplies(): array
{
    return [
        Houses::supply(1800, 2300, 120, Outlet::Straight20, 20), Houses::supply(5800, 7200),
        Houses::supply(11800, 15200, 240, Outlet::Straight50, 50),
        Houses::supply(48000, 61000, 240, Outlet::Terminals, 200),
    ];
}

it('says that a machine holds exactly when every leg does', function () {
    $said = ['held' => 0, 'short' => 0];
    foreach (range(1, 60) as $seed) {
        $plan = Plan::of(RandomHouse::job($seed, known: true));
        foreach (supplies() as $supply) {
            $fits = Fit::each($plan, $supply, 20);
            expect(Fit::of($plan, $supply, 20)->verdict->value)->toBe(max(array_map(fn (Fit $f): int => $f->verdict->value, $fits)));
            $fit = $fits[$seed % count($fits)];
            if ($fit->plan->must === []) {
                continue;
            }
            // Worked out again the long way, leg by leg.
            $legs = ['A' => 0.0, 'B' => 0.0];
            foreach ($plan->must as $circuit) {
                $there = array_filter($circuit->loads, fn (Load $l): bool => $fit->plan->season === null || $l->runsIn($fit->plan->season));
                foreach ($there as $load) {
                    $amps = $load->runW / $load->pf / $circuit->leg()->volts();
                    foreach ($supply->feedsBothLegs() ? str_split($circuit->leg()->value) : ['A'] as $leg) {
                        $legs[$leg] += $amps;
                    }
                }
            }
            $fed = array_filter($fit->plan->must, fn (Circuit $c) => $supply->canFeed($c)) === $fit->plan->must;
            $holds = $fed && max($legs) <= $supply->runLimitAmps() + 1e-9 && $fit->starting->peakAmps() <= $supply->surgeLimitAmps() + 1e-9;
            expect($fit->verdict !== Verdict::Short)->toBe($holds)->and($fit->verdict)->not->toBe(Verdict::Unknown);
            if ($fit->verdict === Verdict::Holds) {
                expect(max($legs))->toBeLessThanOrEqual(0.8 * $supply->runLimitAmps() + 1e-6)
                    ->and($fit->restartAmps)->toBeLessThanOrEqual($supply->surgeLimitAmps() + 1e-9);
            }
            $said[$holds ? 'held' : 'short']++;
        }
    }
    expect($said['held'])->toBeGreaterThan(20)->and($said['short'])->toBeGreaterThan(20);
});

it('puts together only what the legs carry, running and starting', function (int $seed) {
    $plan = Plan::of(RandomHouse::job($seed));
    foreach (supplies() as $supply) {
        $fit = Fit::of($plan, $supply, 20);
        $together = $fit->together();
        $on = array_map(fn (Circuit $c) => $c->id, $together->on);
        expect(count($on))->toBe(count(array_unique($on)))
            ->and(array_intersect($on, array_map(fn (Circuit $c) => $c->id, $together->waiting)))->toBe([]);
        expect(Limit::within(Fit::runningOn($supply, $together->on)->worstAmps(), $supply->runLimitAmps()))->toBeTrue()
            ->and(Limit::within($together->starting->peakAmps(), $supply->surgeLimitAmps()))->toBeTrue();
    }
})->with('seeds');

it('gives any house back from its file and from its schedule', function (int $seed) {
    $job = RandomHouse::job($seed);
    expect(JobFile::standard()->decode(JobFile::standard()->encode($job)))->toEqual($job);
    $csv = ScheduleWriter::write($job->service->panels);
    $reading = ScheduleReader::read($csv, $job->service->panels);
    expect($reading->faults)->toBe([])->and(ScheduleWriter::write($reading->panels))->toBe($csv);
})->with('seeds');

it('has something to say of any house, and a place for everything it says', function (int $seed) {
    $house = RandomHouse::job($seed);
    foreach ([null, ...array_keys(Ways::standard()->options())] as $i => $way) {
        $job = Houses::job(
            $house->name, panels: $house->service->panels, supply: supplies()[$i % 4], connection: $way, wire: new WireRun(25, 20),
            service: $house->service, recorded: $house->basis->recorded,
            demand: $seed % 2 ? new DemandInputs(DemandMethod::Measured, 240.0, new Dwelling, 9000.0) : null,
            figures: LoadBasis::cases()[($seed + $i) % 3],
        );
        $review = Review::of($job);
        $ids = array_map(fn (Circuit $c) => $c->id, $job->circuits());
        foreach ($review->findings as $finding) {
            expect($finding->what)->not->toBe('')->and($finding->do)->not->toBe('')->and($finding->source->words())->not->toBe('');
            expect($finding->circuitId === null || in_array($finding->circuitId, $ids, true))->toBeTrue();
        }
        expect(
            Stages::standard()->reports($review),
        )->toHaveCount(count(Stages::standard()->all()))->and(json_encode(JobReport::of($job)))->toBeString();
        expect(json_encode(Comparison::of($job, null)))->toBeString();
        $strip = LegStrip::of($review->design);
        expect($strip->scaleAmps)->toBeGreaterThanOrEqual(max($strip->aPeakAmps, $strip->bPeakAmps));
    }
})->with('seeds');

it('puts every circuit on the card once, and no load that has no power', function (int $seed) {
    $house = RandomHouse::job($seed);
    foreach (array_keys(Ways::standard()->options()) as $way) {
        foreach (supplies() as $supply) {
            $job = Houses::job($house->name, panels: $house->service->panels, supply: $supply, connection: $way, service: $house->service);
            $card = SwitchingCard::of(Review::of($job));
            $listed = array_map(fn ($row) => $row->id, [...$card->start, ...$card->room, ...$card->leaveOff]);
            expect(count($listed))->toBe(count(array_unique($listed)));
            $dead = array_map(fn (Circuit $c) => $c->id, Houses::verdict($job, $way)->dead);
            $marked = array_filter($job->circuits(), fn (Circuit $c): bool => $c->role !== Role::Off);
            $mayRun = [...array_map(fn (Circuit $c) => $c->id, $marked), ...array_map(fn (Circuit $c) => $c->id, $job->feeders())];
            foreach ([...$card->start, ...$card->room] as $row) {
                expect($dead)->not->toContain($row->id)->and($mayRun)->toContain($row->id);
            }
            if ($way === 'interlock') {
                $feeders = array_map(fn (Circuit $c) => $c->id, $job->feeders());
                expect(array_diff(array_map(fn (Circuit $c) => $c->id, $job->circuits()), $listed, $feeders))->toBe([]);
            }
        }
    }
})->with(range(1, 15));

it('draws every panel of any house into the chain once, behind what feeds it', function (int $seed) {
    $job = RandomHouse::job($seed);
    $chain = Distribution::of($job);
    $drawn = array_map(fn ($node) => $node->id, $chain->nodes);
    expect(array_unique($drawn))->toBe($drawn)->and(array_diff(array_map(fn ($p) => $p->id, $job->service->panels), $drawn))->toBe([]);
    foreach ($chain->nodes as $i => $node) {
        if ($node->parent !== null) {
            $parent = array_search($node->parent, $drawn, true);
            expect($parent)->toBeLessThan($i)->and($node->depth)->toBe($chain->nodes[$parent]->depth + 1);
        }
        expect($node->stillLive)->not->toBe('')->and($chain->behind($node->id))->toContain($node->id);
    }
    foreach ($job->service->panels as $panel) {
        if ($panel->fedFrom !== '') {
            expect($chain->node($panel->id)?->parent)->toBe($panel->fedFrom);
        }
    }
    expect(
        count($job->drawingCircuits()) + count(array_unique(array_map(fn (Circuit $c) => $c->id, $job->feeders())))
    )->toBe(count($job->circuits()));
})->with('seeds');

it('lets a breaker move only where nothing is, and where the label accepts it', function (int $seed) {
    foreach (RandomHouse::job($seed)->service->panels as $panel) {
        foreach ($panel->circuits as $circuit) {
            foreach ($panel->placesFor($circuit) as $place) {
                $others = array_filter($panel->circuits, fn (Circuit $c) => $c !== $circuit);
                expect(array_filter($others, fn (Circuit $c) => $c->position->clashesWith($place)))->toBe([])
                    ->and(max($place->spaces()))->toBeLessThanOrEqual($panel->spaces)
                    ->and($place->half === null
                        || $panel->tandemSpaces === null
                        || array_diff($place->spaces(), $panel->tandemSpaces->spaces) === [])->toBeTrue()
                    ->and($place->poles)->toBe($circuit->position->poles);
            }
        }
        expect($panel->positionFaults())->toBe([]);
    }
})->with(range(1, 12));

it('finds two breakers in one place exactly when some half of a space is filled twice', function (int $seed) {
    mt_srand($seed);
    foreach (range(1, 60) as $ignored) {
        $positions = array_map(
            fn () => new Position(mt_rand(1, 8), mt_rand(1, 2), [null, Half::Upper, Half::Lower][mt_rand(0, 2)]), [1, 2],
        );
        // Worked out again the long way: the halves, from the top of the panel down.
        $filled = array_map(function (Position $position): array {
            $all = [];
            foreach ($position->poles === 2 ? [0, 2] : [0] as $down) {
                foreach (['a', 'b'] as $half) {
                    $mine = $position->half === null || ($down === 0 ? $position->half->value === $half : $position->half->value !== $half);
                    if ($mine) {
                        $all[] = ($position->space + $down).$half;
                    }
                }
            }

            return $all;
        }, $positions);
        expect($positions[0]->clashesWith($positions[1]))->toBe(array_intersect($filled[0], $filled[1]) !== [])
            ->and($positions[1]->clashesWith($positions[0]))->toBe($positions[0]->clashesWith($positions[1]));
    }
})->with(range(1, 5));
