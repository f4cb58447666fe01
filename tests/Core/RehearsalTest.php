<?php

declare(strict_types=1);

namespace Tests\Core\RehearsalTest;

use Tests\Support\Drawn;
use Tests\Support\Houses;
use Tests\Support\SixHouses;
use Underpin\Checks\Review;
use Underpin\Connection\OwnerStep;
use Underpin\Design\Design;
use Underpin\Drawing\Anchor;
use Underpin\Drawing\Element\Text;
use Underpin\Job\Fuel;
use Underpin\Job\Generator;
use Underpin\Job\GeneratorNeutral;
use Underpin\Job\Job;
use Underpin\Job\Machine;
use Underpin\Job\MachineKind;
use Underpin\Job\Outlet;
use Underpin\Job\Rating;
use Underpin\Job\StartRoutine;
use Underpin\Legs\Leg;
use Underpin\Outage\SwitchingCard;
use Underpin\Refused;
use Underpin\Rehearsal\Arrangement;
use Underpin\Rehearsal\EngineDrawing;
use Underpin\Rehearsal\Handle;
use Underpin\Rehearsal\Happening;
use Underpin\Rehearsal\House;
use Underpin\Rehearsal\Rehearsal;
use Underpin\Rehearsal\State;

use function Tests\calc;

function rehearsal(?Job $job = null): Rehearsal
{
    $house = House::of(new Design($job ?? Houses::small(Houses::supply(), 'interlock')));
    expect($house)->not->toBeNull();

    return new Rehearsal($house);
}

/** The state after these handles, five seconds apart: "main", "circuit c5", "wait 3". */
function after(Rehearsal $of, string ...$handles): State
{
    return $of->after(array_map(fn (string $text): Handle => Handle::read("5 $text"), array_values($handles)));
}

/** @return list<string> every breaker of the small house off, or those named on */
function breakers(string ...$ids): array
{
    return array_map(fn (string $id): string => "circuit $id", array_values($ids));
}

const ALL = ['c5', 'c2', 'c4', 'c8', 'c10'];

const ENGINE = ['spot outdoors', 'valve', 'idle', 'choke', 'engine', 'choke', 'wait 3'];

const CORD = ['cord-inlet', 'cord-machine'];

/** @return list<string> what was told as a mistake */
function mistakes(State $state): array
{
    return array_values(array_map(fn (Happening $h): string => $h->words, array_filter($state->happenings,
        fn (Happening $h): bool => $h->isMistake)));
}

it('goes over and back without a mistake, in either order of engine and cord, main or branches first', function (
    StartRoutine $school, bool $mainFirst,
) {
    $job = Houses::small(Houses::supply(), 'interlock');
    $of = rehearsal($job->with($job->connection->with(routine: $school)));
    $off = $mainFirst ? ['main', ...breakers(...ALL)] : [...breakers(...ALL), 'main'];
    $start = $school === StartRoutine::WarmFirst ? [...ENGINE, ...CORD] : [...CORD, ...ENGINE];
    $there = [...$off, 'plate', ...$start, 'generator', ...breakers(...$of->house->order())];
    $state = after($of, ...$there);
    expect(mistakes($state))->toBe([])->and($state->ran)->toBeTrue()->and($of->fed($state))->toEqualCanonicalizing(['c5', 'c2', 'c4']);
    $order = breakers(...$of->house->order());
    $end = after($of, ...[
        ...$there, 'utility-back', ...$order, 'generator', 'plate', 'main', ...$order, 'wait 3', 'engine', 'cord-machine', 'cord-inlet',
        'valve',
    ]);
    expect(mistakes($end))->toBe([])->and($end->isOver)->toBeTrue()->and($end->s)->toBeGreaterThan(600);
})->with([
    [StartRoutine::WarmFirst, true], [StartRoutine::WarmFirst, false], [StartRoutine::CordFirst, true], [StartRoutine::CordFirst, false],
]);

it('follows its own hints to the end, on every way, without a mistake', function (Job $job) {
    $of = rehearsal($job);
    $handles = [];
    $say = function () use ($of, &$handles): string {
        return $of->next(after($of, ...$handles));
    };
    for ($i = 0; $i < 120 && ! after($of, ...$handles)->isOver; $i++) {
        $state = after($of, ...$handles);
        $next = $say();
        $do = match (true) {
            str_contains($next, 'main off') => ['main', ...breakers(...array_keys(array_filter($state->on)))],
            str_contains($next, 'Every circuit off') => breakers(...array_keys(array_filter($state->on))),
            str_contains($next, 'Switch to off') => ['lever off'],
            str_contains($next, 'Switch to generator') => ['lever generator'],
            str_contains($next, 'Switch to utility') => ['lever utility'],
            str_starts_with($next, 'Slide the plate'), str_starts_with($next, 'Plate back') => ['plate'],
            str_contains($next, 'Connect the cord') => array_values(array_filter([$state->cordAtInlet ? '' : 'cord-inlet',
                $state->cordAtMachine ? '' : 'cord-machine'])),
            str_contains($next, 'outdoors') => ['spot outdoors'],
            str_contains($next, 'alve open'), str_contains($next, 'alve closed') => ['valve'],
            str_contains($next, 'Choke') => ['choke'],
            str_contains($next, 'Idle mode') => ['idle'],
            str_contains($next, 'Start'), str_contains($next, 'outlets on') => ['engine'],
            str_contains($next, 'Let it run') => ['wait 3'],
            str_contains($next, 'Go on to the hour') => ['utility-back'],
            str_contains($next, 'then stop it') => ['wait 3', 'engine'],
            str_contains($next, 'enerator breaker') => ['generator'],
            str_contains($next, 'machine first') => ['cord-machine'],
            str_contains($next, 'at the inlet') => ['cord-inlet'],
            str_contains($next, 'Main on') => ['main'],
            str_contains($next, 'circuits on again') => breakers(...array_diff($of->house->order(), $of->onUtility($state))),
            default => breakers(array_values(array_diff($of->house->order(), $of->fed($state)))[0] ?? ''),
        };
        array_push($handles, ...$do);
    }
    $end = after($of, ...$handles);
    expect(mistakes($end))->toBe([])->and($end->isOver)->toBeTrue($say());
})->with(fn (): array => [
    'plate' => [Houses::small(Houses::supply(), 'interlock')], 'a switch with places' => [Houses::small(Houses::supply(), 'manual_switch')],
    'a lever' => [Houses::small(Houses::supply(), 'whole_house_manual')], 'cords' => [Houses::small(Houses::supply(), 'cords')],
    'automatic' => [Houses::small(null, 'automatic_service')->with(new Generator(new Machine(
        's', 'Standby s', MachineKind::Standby, 240, Outlet::Terminals, 60, GeneratorNeutral::Floating, false,
        [new Rating(Fuel::NaturalGas, 14000, 16000)],
    ), Fuel::NaturalGas, 20.0))],
    'a battery' => [Houses::small(null, 'interlock')->with(new Generator(new Machine(
        'b', 'Battery b', MachineKind::Battery, 240, Outlet::Locking30, 30, GeneratorNeutral::Floating, false, [new Rating(Fuel::Stored,
            7000, 9000)],
    ), Fuel::Stored, 20.0))],
    'a crowded panel' => [SixHouses::all()['a crowded panel']],
]);

it('never joins the sources while the plate is on, whatever is thrown, and its legs are those of the calculator', function () {
    $of = rehearsal();
    $handles = ['main', 'plate', 'generator', 'cord-inlet', 'cord-machine', 'spot outdoors', 'spot garage', 'valve', 'choke', 'idle',
        'engine', 'wait 3',
        'utility-back', 'refuel', 'take-back', ...breakers(...ALL)];
    mt_srand(11);
    $fedOnce = 0;
    for ($n = 0; $n < 1000; $n++) {
        // Half of them begin where the machine runs and nothing is on, or loads would hardly ever be fed.
        $thrown = $n % 2 === 0 ? [] : ['main', ...breakers(...ALL), 'plate', ...ENGINE, ...CORD, 'generator'];
        $from = $n % 4 === 1 ? breakers('c5', 'c2', 'c4', 'c8') : $handles;
        foreach (range(1, $n % 4 === 1 ? 4 : mt_rand(5, 40)) as $i) {
            $thrown[] = $from[mt_rand(0, count($from) - 1)];
        }
        $state = after($of, ...$thrown);
        expect($state->main && $state->generator)->toBeFalse(implode(', ', $thrown));
        $fed = $of->fed($state);
        expect(array_intersect($fed, $of->onUtility($state)))->toBe([]);
        if ($fed !== []) {
            $fedOnce++;
            $circuits = [];
            foreach ($fed as $id) {
                foreach ($of->house->circuit($id)->loads as $load) {
                    $leg = $of->house->circuit($id)->legOf($load);
                    $circuits[] = ['id' => $load->id, 'leg' => $leg->value, 'watts' => $load->knownRunW(), 'pf' => $load->pf,
                        'volts' => $leg === Leg::AB ? 240 : 120];
                }
            }
            $told = calc('legs', ['circuits' => $circuits]);
            expect($of->house->legs($fed)->aAmps)->toEqualWithDelta($told['a_amps'], 1e-9)
                ->and($of->house->legs($fed)->bAmps)->toEqualWithDelta($told['b_amps'], 1e-9);
        }
    }
    expect($fedOnce)->toBeGreaterThan(100);
});

it('says what a line worker would meet when the main is pushed against the plate', function () {
    $of = rehearsal();
    $state = after($of, 'main', ...[...breakers(...ALL), 'plate', ...ENGINE, ...CORD, 'generator', 'main']);
    expect($state->main)->toBeFalse()->and(mistakes($state))->toHaveCount(1)->and(mistakes($state)[0])->toContain('7,200 '
        .'V')->toContain('line worker');
    expect(mistakes(after($of, 'generator'))[0])->toContain('cannot both be on');
});

it('tells a cold engine, everything at once, idle mode, the choke, a garage, a hot tank, a plug under load', function (array $handles,
    string $said) {
    $state = after(rehearsal(), ...$handles);
    expect(mistakes($state))->not->toBe([])->and(implode(' ', mistakes($state)))->toContain($said);
})->with(function (): array {
    $off = ['main', ...breakers(...ALL), 'plate'];
    $running = [...$off, ...ENGINE, ...CORD, 'generator'];

    return [
        'cold' => [[...$off, 'spot outdoors', 'valve', 'idle', 'choke', 'engine', 'choke', ...CORD, 'generator', 'circuit c2'],
            'Cold, it stalls'],
        'all at once' => [['main', 'plate', ...ENGINE, ...CORD, 'generator'], 'at once'],
        'idle' => [[...$off, 'spot outdoors', 'valve', 'choke', 'engine', 'choke', 'wait 3', ...CORD, 'generator', 'circuit c5'],
            'idle mode'],
        'choke' => [[...$off, 'spot outdoors', 'valve', 'idle', 'choke', 'engine', 'wait 3', ...CORD, 'generator', 'circuit c2'], 'choke'],
        'garage' => [[...$off, 'spot garage', 'valve', 'choke', 'engine'], 'carbon monoxide'],
        'window' => [[...$off, 'spot window', 'valve', 'choke', 'engine'], 'Under the window, its exhaust'],
        'kept' => [[...$off, 'valve', 'choke', 'engine'], 'carbon monoxide'],
        'hot' => [[...$running, 'engine', 'refuel'], 'cooling first'],
        'running tank' => [[...$running, 'refuel'], 'running engine'],
        'plug' => [[...$running, 'circuit c2', 'cord-machine'], 'pins would burn'],
        'stop under load' => [[...$running, 'circuit c2', 'engine'], 'Stopped under load'],
    ];
});

it('opens the breaker of a machine that is asked for more than it carries for hours', function () {
    $of = rehearsal(Houses::small(Houses::supply(5000, 9000), 'interlock'));
    $state = after($of, 'main', ...[...breakers(...ALL), 'plate', ...ENGINE, ...CORD, 'generator', ...breakers('c5', 'c2', 'c4', 'c10')]);
    expect(mistakes($state))->toHaveCount(1)->and(mistakes($state)[0])->toContain('on one leg')->and($state->isRunning())->toBeFalse();
});

it('takes a mistake back: its effect goes, what was seen stays', function () {
    $of = rehearsal();
    $cold = ['main', ...breakers(...ALL), 'plate', 'spot outdoors', 'valve', 'idle', 'choke', 'engine', 'choke', ...CORD, 'generator',
        'circuit c2'];
    $stalled = after($of, ...$cold);
    $back = after($of, ...[...$cold, 'take-back']);
    expect($stalled->isRunning())->toBeFalse()->and($back->isRunning())->toBeTrue()->and($back->on['c2'])->toBeFalse()
        ->and($back->mistakes())->toBe(1)->and($back->s)->toBeGreaterThan($stalled->s)
        ->and(after($of, 'take-back')->mistakes())->toBe(0);
});

it('reads a handle as a page sends it, and refuses what is none', function () {
    expect(Handle::read('12 circuit c5')->afterS)->toBe(12)->and(Handle::read('99999 main')->afterS)->toBe(Handle::MOST_S);
    foreach (['', 'main', '5 jump', 'x main', '-3 main'] as $text) {
        expect(fn () => Handle::read($text))->toThrow(Refused::class, 'Handle');
    }
    $of = rehearsal();
    expect(after($of, 'circuit nobody', 'lever sideways', 'spot moon')->on)->toBe($of->begin()->on);
});

it('knows what is thrown on each way, and that there is nothing to rehearse without one', function () {
    expect(rehearsal()->house->arrangement)->toBe(Arrangement::Plate)
        ->and(rehearsal(Houses::small(Houses::supply(), 'manual_switch'))->house->arrangement)->toBe(Arrangement::Places)
        ->and(rehearsal(Houses::small(Houses::supply(), 'transfer_subpanel'))->house->arrangement)->toBe(Arrangement::Lever)
        ->and(House::of(new Design(Houses::small(Houses::supply()))))->toBeNull()->and(House::of(new Design(Houses::small(null,
            'interlock'))))->toBeNull();
});

it('keeps the words of what the engine feels on its drawing, however small or large the machine', function () {
    foreach ([[2200, 2500], [5000, 9000], [12000, 12000], [20000, 40000]] as [$running, $starting]) {
        $of = rehearsal(Houses::small(Houses::supply($running, $starting), 'interlock'));
        foreach ([[], ['main', 'plate', ...ENGINE, ...CORD, 'generator']] as $handles) {
            $words = Drawn::of(EngineDrawing::of($of, after($of, ...$handles)))->only(Text::class);
            foreach ($words as $text) {
                // Seven units a letter is more than they take.
                $wide = 7.0 * mb_strlen($text->words);
                $left = $text->x - ($text->anchor === Anchor::End ? $wide : 0.0);
                expect($left)->toBeGreaterThanOrEqual(0.0, $text->words)->and($left + $wide)->toBeLessThanOrEqual(300.0, $text->words);
            }
            $limits = array_filter($words, fn (Text $t): bool => preg_match('/^(for hours|a moment)/', $t->words) === 1);
            expect(array_unique(array_column($limits, 'y')))->toHaveCount(2);
        }
    }
});

it('has nobody plug in at the house a cord that stays there, and names what else a cord goes into', function () {
    $wired = fn (string $way): Job => Houses::small(Houses::supply(), $way);
    $stays = rehearsal($wired('hard_cord'));
    expect($stays->house->cordStays())->toBeTrue()->and($stays->begin()->cordAtInlet)->toBeTrue()
        ->and(after($stays, 'cord-inlet')->cordAtInlet)->toBeTrue();
    $on = [
        ...breakers(...ALL), 'main', 'plate', ...ENGINE, 'cord-machine', 'generator', ...breakers('c5'), 'wait 1',
        ...breakers('c2', 'c4'),
    ];
    $back = [
        'utility-back', 'wait 20', ...breakers('c4', 'c2', 'c5'), 'generator', 'plate', 'main', ...breakers(...ALL), 'wait 5',
        'engine', 'cord-machine', 'valve',
    ];
    expect(after($stays, ...$on)->ran)->toBeTrue()->and(after($stays, ...$on, ...$back)->isOver)->toBeTrue();
    $inlet = rehearsal($wired('interlock'));
    expect($inlet->house->cordStays())->toBeFalse()->and($inlet->house->inletWords())->toBe('the inlet')
        ->and(rehearsal($wired('meter_collar'))->house->inletWords())->toContain('adapter');
    $card = fn (string $way): string => implode(' ', array_map(fn (OwnerStep $step): string => $step->do, [
        ...SwitchingCard::of(Review::of($wired($way)))->toGenerator, ...SwitchingCard::of(Review::of($wired($way)))->running,
        ...SwitchingCard::of(Review::of($wired($way)))->back,
    ]));
    expect($card('hard_cord'))->toContain('Plug the cord that stays at the house into the machine')->not->toContain('at the inlet')
        ->toContain('hang it where it stays')
        ->and($card('interlock'))->toContain('first at the inlet')
        ->and($card('meter_collar'))->toContain('first at the adapter at the meter')
        ->and($card('transfer_main_panel'))->toContain('At Main panel: turn off the main breaker')->not->toContain('transfer panel')
        ->and($card('interlock'))->toContain('Wait until the power of the utility has stayed')
        ->and($card('automatic_service'))->not->toContain('Wait until the power of the utility')
        ->and($card('whole_house_manual'))->toContain('then move the handle of the transfer switch to OFF')
        ->and($card('meter_collar'))->toContain('then move the switch of the adapter off GENERATOR');
});

it('feeds a sub-panel through the breaker of its feeder, and brings all of it on at once where its breakers were left on', function () {
    $barn = rehearsal(SixHouses::all()['a barn on three wires']);
    $all = array_map(fn (string $id): string => "circuit $id", array_values(array_map(fn ($c): string => $c->id, $barn->house->circuits)));
    $order = $barn->house->order();
    expect($order)->toContain('h9')
        ->and(array_search('h9', $order, true))->toBeLessThan(min(array_search('b1', $order, true), array_search('b2', $order, true)));
    $ready = [...$all, 'main', 'plate', ...ENGINE, ...CORD, 'generator'];
    $dark = after($barn, ...$ready, ...breakers('b1'));
    expect($barn->fed($dark))->toBe([])->and($barn->fed(after($barn, ...$ready, ...breakers('h9'))))->toBe(['h9']);
    $both = after($barn, ...$ready, ...breakers('b1', 'b2', 'h9'));
    expect($barn->fed($both))->toHaveCount(3)->and($both->happenings[count($both->happenings) - 1]->words)->toContain('for a moment');
    // A feeder alone is no load: the engine may be stopped behind it.
    expect(mistakes(after($barn, ...$ready, ...breakers('h9'), ...['engine'])))->toBe([]);
    $in = array_reduce($order, fn (array $done, string $id): array => [...$done, "circuit $id", 'wait 1'], []);
    expect(after($barn, ...$ready, ...$in)->ran)->toBeTrue();
});
