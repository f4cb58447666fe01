<?php

declare(strict_types=1);

namespace Tests\Core\ScheduleTest;

use Tests\Support\Changed;
use Tests\Support\Drawn;
use Tests\Support\Houses;
use Underpin\Checklist\ChecklistStep;
use Underpin\Design\Design;
use Underpin\Drawing\Element\Text;
use Underpin\Install\InstallList;
use Underpin\Job\Agreed;
use Underpin\Job\Job;
use Underpin\Job\Offer;
use Underpin\Job\SentPaper;
use Underpin\Job\StepNote;
use Underpin\Job\WireRun;
use Underpin\Job\Work\StepRecord;
use Underpin\Job\Work\Work;
use Underpin\Measure\Interval\CivilDay;
use Underpin\Pricing\Book\PriceBook;
use Underpin\Pricing\Book\Terms;
use Underpin\Prove\ProveList;
use Underpin\Refused;
use Underpin\Schedule\Planned;
use Underpin\Schedule\Schedule;
use Underpin\Schedule\ScheduleDates;
use Underpin\Schedule\ScheduleDrawing;
use Underpin\Schedule\Step;
use Underpin\Schedule\Steps;
use Underpin\Sizing\Supply;

/** A Monday. */
const TODAY = '2026-11-23';

function step(string $key, ?int $days, array $after = [], string $begun = '', string $done = ''): Step
{
    return new Step($key, $key, $key, $days, $after, $begun, $done);
}

/** @return list<Step> a quote, a permit of ten days, a machine of $machine days, then two days of work and a day to hand over */
function chain(?int $machine = 20, string $ordered = '', string $here = ''): array
{
    return [
        step('quote', 0, [], TODAY, TODAY), step('permit', 10, ['quote']), step('machine', $machine, ['quote'], $ordered, $here),
        step(Steps::INSTALL, 2, ['permit', 'machine']), step('hand-over', 1, [Steps::INSTALL]),
    ];
}

function planned(array $steps, ?string $agreed = null): Schedule
{
    return Schedule::planned($steps, CivilDay::read(TODAY), $agreed === null ? null : CivilDay::read($agreed));
}

function day(?int $number): ?string
{
    return $number === null ? null : CivilDay::iso($number);
}

/** @return list<string> */
function deciding(Schedule $schedule): array
{
    return array_map(fn (Planned $p): string => $p->step->key, $schedule->deciding());
}

it('begins the work when the last of what it waits for is there, on a working day', function () {
    // Twenty days from Monday, November 23 are Sunday, December 13: the work begins on the Monday after.
    $schedule = planned(chain());
    expect(day($schedule->soonestWork()))->toBe('2026-12-14')->and(day($schedule->find('hand-over')->end))->toBe('2026-12-17')
        ->and(day(planned(chain(18))->soonestWork()))->toBe('2026-12-11')
        ->and(deciding(planned(chain(18))))->toBe(['machine', Steps::INSTALL, 'hand-over'])
        // The machine comes on a Sunday: that the work begins on Monday is no room for it.
        ->and(deciding($schedule))->toBe(['machine', Steps::INSTALL, 'hand-over'])
        // A day that was agreed later gives everybody room.
        ->and(deciding(planned(chain(), '2026-12-21')))->toBe([Steps::INSTALL, 'hand-over'])
        ->and(planned(chain(), '2026-12-21')->find('machine')->slack)->toBe(8);
});

it('says how far each may slip, and a day more moves the end', function (string $key) {
    $schedule = planned(chain(18));
    $slack = $schedule->find($key)->slack;
    $end = fn (int $more): int => planned(array_map(
        fn (Step $s): Step => $s->key === $key ? step($key, $s->days + $more, $s->after) : $s, chain(18),
    ))->find('hand-over')->end;
    expect($slack)->toBe($key === 'permit' ? 8 : 0)->and($end($slack))->toBe($end(0))->and($end($slack + 3))->toBeGreaterThan($end(0));
})->with(['permit', 'machine', 'hand-over']);

it('counts back from the day that was agreed: the last day to ask and to order', function () {
    $schedule = planned(chain(), '2026-12-21');
    expect(day($schedule->find('machine')->latest))->toBe('2026-12-01')->and(day($schedule->find('permit')->latest))->toBe('2026-12-11')
        ->and(day($schedule->soonestWork()))->toBe('2026-12-21')->and($schedule->lateBy())->toBe(0)
        ->and($schedule->find('machine')->isLate(CivilDay::read('2026-12-01')))->toBeFalse()
        ->and($schedule->find('machine')->isLate(CivilDay::read('2026-12-02')))->toBeTrue();
    $early = planned(chain(), '2026-12-07');
    expect($early->lateBy())->toBe(6)->and($early->find('machine')->isLate(CivilDay::read(TODAY)))->toBeTrue();
});

it('counts what is ordered from its day, and what is here as here', function () {
    expect(day(planned(chain(20, '2026-11-16'))->soonestWork()))->toBe('2026-12-07')
        ->and(day(planned(chain(20, '2026-11-02', '2026-11-20'))->soonestWork()))->toBe('2026-12-03')
        ->and(planned(chain(20, '2026-11-02', '2026-11-20'))->find('machine')->slack)->toBeNull()
        // Overdue, and still not here: it cannot be here before today.
        ->and(day(planned(chain(20, '2026-10-01'))->find('machine')->end))->toBe(TODAY);
});

it('knows no day where a length is not known, and says which', function () {
    $schedule = planned(chain(null));
    expect($schedule->soonestWork())->toBeNull()->and($schedule->lateBy())->toBeNull()
        ->and(array_map(fn (Planned $p): string => $p->step->key, $schedule->unknown()))->toBe(['machine'])
        ->and(day($schedule->find('permit')->end))->toBe('2026-12-03');
});

it('agrees with the longest way through any chain', function (int $seed) {
    mt_srand($seed);
    $steps = [];
    foreach (range(0, 7) as $n) {
        $after = array_values(array_filter(array_map(fn (Step $s): string => $s->key, $steps), fn (): bool => mt_rand(0, 2) === 0));
        $steps[] = step("s$n", mt_rand(0, 30), $after);
    }
    $steps[] = step('end', 1, array_map(fn (Step $s): string => $s->key, $steps));
    $longest = function (string $key) use (&$longest, $steps): int {
        $step = array_values(array_filter($steps, fn (Step $s): bool => $s->key === $key))[0];

        return $step->days + max([0, ...array_map($longest, $step->after)]);
    };
    $schedule = planned($steps);
    foreach ($schedule->steps as $planned) {
        expect($planned->end - CivilDay::read(TODAY))->toBe($longest($planned->step->key))->and($planned->slack)->toBeGreaterThanOrEqual(0);
    }
    // What decides is a way through from the first day to the last.
    expect(array_sum(array_map(fn (Planned $p): int => $p->step->days, $schedule->deciding())))->toBeGreaterThanOrEqual($longest('end'));
})->with(range(1, 12));

it('plans no more what is behind something that is done, and says that it was not noted', function () {
    $steps = [
        step('quote', 0), step('permit', 10, ['quote']), step('machine', null, ['quote']),
        step(Steps::INSTALL, 2, ['permit', 'machine'], '', '2025-11-20'), step('inspection', 4, [Steps::INSTALL]),
        step('hand-over', 1, ['inspection']),
    ];
    $schedule = planned($steps);
    $behind = fn (Schedule $s): array => array_map(fn (Planned $p): string => $p->step->key, $s->behind());
    expect($behind($schedule))->toBe(['quote', 'permit', 'machine'])
        ->and($schedule->unknown())->toBe([])
        ->and(array_column(ScheduleDates::of($schedule), 'key'))->toBe(['step-inspection', 'step-hand-over'])
        ->and(day($schedule->find('hand-over')->end))->toBe('2026-11-28')
        ->and(deciding($schedule))->toBe(['inspection', 'hand-over'])
        ->and(day($schedule->find(Steps::INSTALL)->start))->toBe('2025-11-20')
        ->and(array_map(fn (Planned $p): string => $p->slip(), $schedule->steps))
        ->toBe([...array_fill(0, 3, 'what waits for it is done'), 'done', 'decides', 'decides'])
        ->and(ScheduleDrawing::of($schedule)->twin[2])->toBe(['permit', 'not noted', 'not noted', 'what waits for it is done', ''])
        ->and($behind(planned(chain())))->toBe([])
        ->and($behind(planned([...array_slice($steps, 0, 5), step('hand-over', 1, ['inspection'], '', '2025-11-22')])))
        ->toBe(['quote', 'permit', 'machine', 'inspection']);
});

it('keeps asking for what the authority requires, whatever is done without it', function (string $begun, string $title) {
    $steps = [
        step('quote', 0), step('permit', 10, ['quote'], $begun)->required(), step('parts', 3, ['quote']),
        step(Steps::INSTALL, 2, ['permit', 'parts'], '', '2025-11-20'), step('hand-over', 1, [Steps::INSTALL], '', '2025-11-21'),
    ];
    [$date] = $dates = ScheduleDates::of(planned($steps));
    expect($dates)->toHaveCount(1)->and([$date->key, $date->title, $date->on])->toBe(['step-permit', $title, TODAY])
        ->and($date->why)->toContain('Not noted');
})->with([['', 'permit'], ['2025-11-01', 'permit?']]);

it('has the permit and the inspection as what the authority requires', function () {
    $job = Houses::small(Houses::supply(), 'interlock');
    $required = array_filter(Steps::of(new Design($job), new PriceBook), fn (Step $step): bool => $step->isRequired);
    expect(array_values(array_map(fn (Step $step): string => $step->key, $required)))->toBe(['permit', 'inspection']);
});

it('draws what is all behind us without the time since', function (string $handedOver, bool $hasToday) {
    $drawing = ScheduleDrawing::of(planned([
        step('quote', 0, [], '', '2025-10-28'), step(Steps::INSTALL, 2, ['quote'], '', '2025-11-20'),
        step('hand-over', 1, [Steps::INSTALL], '', $handedOver),
    ]));
    $words = array_map(fn (Text $text): string => $text->words, Drawn::of($drawing)->only(Text::class));
    expect(in_array('today', $words, true))->toBe($hasToday);
})->with([['2025-11-21', false], ['', true]]);

/** @return list<string> keys of the steps */
function keys(Job $job, ?PriceBook $book = null): array
{
    return array_map(fn (Step $s): string => $s->key, Steps::of(new Design($job), $book ?? new PriceBook));
}

it('has the steps of this job and no others', function () {
    $job = Changed::of(Houses::small(Houses::supply(), 'interlock'), wire: new WireRun(40, 33));
    expect(keys($job))->toBe(['quote', 'permit', 'machine', 'parts', 'install', 'prove', 'inspection', 'hand-over'])
        ->and(keys($job->with(new Offer(ownMachine: true))))->not->toContain('machine')
        ->and(keys(Houses::small(Houses::supply(), 'cords')))->toBe([])->and(keys(Houses::small()))->toBe([])
        ->and(keys(Changed::of($job, connection: 'meter_collar')))->toContain('utility')->and(keys($job))->not->toContain('utility');
});

it('takes the lead time of a machine from the catalogue, unless it is noted otherwise', function () {
    $machine = fn (?int $weeks, Agreed $agreed): Step => array_values(array_filter(Steps::of(new Design(Changed::of(
        Houses::small(Houses::supply(), 'interlock'),
        supply: new Supply(Changed::of(Houses::supply()->machine, leadWeeks: $weeks), Houses::supply()->fuel),
    )->with($agreed)), new PriceBook), fn (Step $s): bool => $s->key === 'machine'))[0];
    expect($machine(5, new Agreed)->days)->toBe(35)->and($machine(null, new Agreed)->days)->toBeNull()
        ->and($machine(5, new Agreed(steps: [new StepNote('machine', 63)]))->days)->toBe(63);
});

it('takes a letter that was sent as asked, and a permit that came back as granted', function () {
    $job = Changed::of(Houses::small(Houses::supply(), 'interlock'), wire: new WireRun(40, 33));
    $permit = function (Agreed $agreed) use ($job): Step {
        $steps = Steps::of(new Design($job->with($agreed)), new PriceBook(terms: new Terms(permitDays: 10)));

        return array_values(array_filter($steps, fn (Step $s): bool => $s->key === 'permit'))[0];
    };
    $sent = fn (string $back, ?bool $granted): Agreed => new Agreed(sent: [
        new SentPaper('a', 'permit-packet', 'Town hall', '2026-11-10', $back, $granted),
    ]);
    expect($permit(new Agreed)->begunOn)->toBe('')->and($permit(new Agreed)->days)->toBe(10)
        ->and($permit($sent('', null))->begunOn)->toBe('2026-11-10')->and($permit($sent('2026-11-20', true))->doneOn)->toBe('2026-11-20')
        ->and($permit($sent('2026-11-20', false))->doneOn)->toBe('')
        ->and($permit(new Agreed(steps: [new StepNote('permit', 3, '2026-11-12')]))->days)->toBe(3);
});

it('takes work whose list is done as done on its last day, and the hand-over with the last papers, unless a day is noted', function () {
    $job = Changed::of(Houses::small(Houses::supply(), 'interlock'), wire: new WireRun(40, 33));
    $noted = fn (array $steps, int $last): array => array_map(fn (ChecklistStep $s, int $n): StepRecord => new StepRecord(
        $s->key, 'NV', '2026-11-'.($n === count($steps) - 1 ? $last : 10).' 09:00', $s->text,
        $s->reading === null ? null : ($s->reading->range?->low ?? $s->reading->range?->high ?? 20.0),
        $s->reading?->asksLabel() ? 20.0 : null,
    ), $steps, array_keys($steps));
    $done = fn (Job $job, Agreed $agreed = new Agreed): array => array_column(array_map(
        fn (Step $s): array => [$s->key, $s->doneOn], Steps::of(new Design($job->with($agreed)), new PriceBook),
    ), 1, 0);
    $installed = $noted(InstallList::of(new Design($job)), 17);
    $began = $job->with(new Work(array_slice($installed, 0, -1)));
    $proven = $job->with(new Work([...$installed, ...$noted(ProveList::of(new Design($job)), 19)]));
    expect($done($began)['install'])->toBe('')->and($done($job->with(new Work($installed)))['install'])->toBe('2026-11-17')
        ->and($done($job->with(new Work($installed)))['prove'])->toBe('')
        ->and($done($proven)['prove'])->toBe('2026-11-19')->and($done($proven)['hand-over'])->toBe('2026-11-19')
        ->and($proven->handedOverOn())->toBe('2026-11-19')
        ->and($done($proven, new Agreed(steps: [new StepNote('hand-over', null, '', '2026-11-21')]))['hand-over'])->toBe('2026-11-21')
        ->and($job->handedOverOn())->toBe('');
});

it('counts from no day that does not exist', function () {
    expect(fn () => Schedule::of(new Design(Houses::small()), new PriceBook, '2026-02-30'))->toThrow(Refused::class, 'today must be a day');
});
