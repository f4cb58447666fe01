<?php

declare(strict_types=1);

use Tests\Support\Houses;
use Tests\Support\RandomHouse;
use Underpin\Checks\Facts;
use Underpin\Checks\Review;
use Underpin\Checks\StageReport;
use Underpin\Connection\ConnectionKind;
use Underpin\Connection\Connections;
use Underpin\JobFile\JobFile;
use Underpin\JobFile\JobFileJson;
use Underpin\JobFile\JobReport;
use Underpin\Limit;
use Underpin\Loads\Plan;
use Underpin\Outage\SwitchingCard;
use Underpin\Service\Circuit;
use Underpin\Service\Schedule\ScheduleReader;
use Underpin\Service\Schedule\ScheduleWriter;
use Underpin\Sizing\Fit;
use Underpin\Sizing\LegStrip;
use Underpin\Sizing\Outlet;
use Underpin\Sizing\Supply;
use Underpin\Sizing\Verdict;
use Underpin\Wiring\WireRun;

dataset('seeds', range(1, 40));

/** @return list<Supply> */
function supplies(): array
{
    return [
        Houses::supply(1800, 2300, 120, Outlet::Straight20, 20), Houses::supply(5800, 7200), Houses::supply(11800, 15200, 240, Outlet::Straight50, 50),
        Houses::supply(48000, 61000, 240, Outlet::Terminals, 200),
    ];
}

it('says that a machine holds exactly when every leg does', function () {
    $said = ['held' => 0, 'short' => 0];
    foreach (range(1, 60) as $seed) {
        $plan = Plan::of(RandomHouse::job($seed, known: true));
        foreach (supplies() as $supply) {
            $fit = Fit::of($plan, $supply, 20);
            if ($plan->must === []) {
                continue;
            }
            // Worked out again the long way, leg by leg.
            $legs = ['A' => 0.0, 'B' => 0.0];
            foreach ($plan->must as $circuit) {
                foreach ($circuit->loads as $load) {
                    $amps = $load->runW / $load->pf / $circuit->leg()->volts();
                    foreach ($supply->feedsBothLegs() ? str_split($circuit->leg()->value) : ['A'] as $leg) {
                        $legs[$leg] += $amps;
                    }
                }
            }
            $fed = array_filter($plan->must, fn (Circuit $c) => $supply->canFeed($c->leg())) === $plan->must;
            $holds = $fed && max($legs) <= $supply->runLimitA() + 1e-9 && $fit->starting->peakAmps() <= $supply->surgeLimitA() + 1e-9;
            expect($fit->verdict !== Verdict::Short)->toBe($holds)->and($fit->verdict)->not->toBe(Verdict::Unknown);
            if ($fit->verdict === Verdict::Holds) {
                expect(max($legs))->toBeLessThanOrEqual(0.8 * $supply->runLimitA() + 1e-6)->and($fit->restartA)->toBeLessThanOrEqual($supply->surgeLimitA() + 1e-9);
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
        expect(count($on))->toBe(count(array_unique($on)))->and(array_intersect($on, array_map(fn (Circuit $c) => $c->id, $together->waiting)))->toBe([]);
        expect(Limit::within(Fit::runningOn($supply, $together->on)->worstAmps(), $supply->runLimitA()))->toBeTrue()
            ->and(Limit::within($together->starting->peakAmps(), $supply->surgeLimitA()))->toBeTrue();
    }
})->with('seeds');

it('gives any house back from its file and from its schedule', function (int $seed) {
    $job = RandomHouse::job($seed);
    expect(JobFileJson::decode(JobFileJson::encode($job)))->toEqual($job);
    $csv = ScheduleWriter::write($job->panels);
    $reading = ScheduleReader::read($csv, $job->panels);
    expect($reading->faults)->toBe([])->and(ScheduleWriter::write($reading->panels))->toBe($csv);
})->with('seeds');

it('has something to say of any house, and a place for everything it says', function (int $seed) {
    $house = RandomHouse::job($seed);
    foreach ([null, ...ConnectionKind::cases()] as $i => $way) {
        $job = new JobFile($house->name, panels: $house->panels, supply: supplies()[$i % 4], connection: $way, wire: new WireRun(25, 20));
        $review = Review::of($job);
        $ids = array_map(fn (Circuit $c) => $c->id, $job->circuits());
        foreach ($review->findings as $finding) {
            expect($finding->what)->not->toBe('')->and($finding->do)->not->toBe('')->and($finding->source->words())->not->toBe('');
            expect($finding->circuitId === null || in_array($finding->circuitId, $ids, true))->toBeTrue();
        }
        expect(StageReport::all($review))->toHaveCount(11)->and(json_encode(JobReport::of($job)))->toBeString();
        $strip = LegStrip::of($review->facts);
        expect($strip->scaleA)->toBeGreaterThanOrEqual(max($strip->aPeakA, $strip->bPeakA));
    }
})->with('seeds');

it('puts every circuit on the card once, and no load that has no power', function (int $seed) {
    $house = RandomHouse::job($seed);
    foreach (ConnectionKind::cases() as $way) {
        foreach (supplies() as $supply) {
            $job = new JobFile($house->name, panels: $house->panels, supply: $supply, connection: $way);
            $card = SwitchingCard::of(new Facts($job));
            $listed = array_map(fn ($row) => $row->id, [...$card->start, ...$card->room, ...$card->leaveOff]);
            expect(count($listed))->toBe(count(array_unique($listed)));
            $powered = array_map(fn (Circuit $c) => $c->id, Connections::verdict($job, $way)->powers);
            foreach ([...$card->start, ...$card->room] as $row) {
                expect($powered)->toContain($row->id);
            }
            if ($way === ConnectionKind::Interlock) {
                expect(count($listed))->toBe(count($job->circuits()));
            }
        }
    }
})->with(range(1, 15));
