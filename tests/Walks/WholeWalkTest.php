<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Browser;
use Tests\Support\Servers;
use Tests\Support\Walker;

/*
 * Three jobs typed in from nothing, from the name of the job to the first line of its log: none of them like those of the demo.
 * Not part of `./underpin test`, for it takes minutes: `./underpin bench walk` runs it, counts, and holds the counts to their limits.
 */

beforeEach(function () {
    $this->browser = Browser::open(820, 1180)->signIn();
    $this->browser->command('Emulation.setDeviceMetricsOverride', [
        'width' => 820, 'height' => 1180, 'deviceScaleFactor' => 1, 'mobile' => true,
    ]);
});

afterEach(fn () => $this->browser->close());

/** @param  list<array{string, string, string}>  $breakers  name, role, breaker */
function typed(Walker $walk, string $job, string $spaces, string $main, array $breakers): void
{
    $walk->open('/')->tap('.tool-new')->fill('#begin-name', $job)->tap('#begin-job button');
    $walk->see('Bring a sheet')->pick('#begin-spaces', $spaces)->fill('#begin-main', $main)->tap('#begin-panel button');
    $walk->browser->find('#loads-grid [data-blank] [data-column="name"]:focus');
    foreach ($breakers as [$name, $role, $breaker]) {
        $walk->press($name, WebDriverKeys::TAB, $role, WebDriverKeys::TAB, $breaker, WebDriverKeys::ENTER);
        usleep(120_000);
    }
    $all = count($breakers);
    $walk->browser->until(
        fn (): bool => $walk->browser->run('return document.querySelectorAll("#loads-grid tr[data-circuit]").length') === $all,
        "$all breakers",
    );
    $walk->tap('#take-all button', [WebDriverKeys::ALT, WebDriverKeys::SHIFT, 't'])->see('Figures taken');
}

/** @param  array<string, string>  $site  by field */
function surveyed(Walker $walk, string $customer, string $address, array $site, string $other, string $listed): string
{
    $base = dirname((string) strtok($walk->browser->path(), '?'));
    $walk->open("$base/survey")->fill('#j-customer', $customer)->fill('#j-address', $address)->fill('#j-phone', '5550144')
        ->fill('#j-utility', '5550190')->tap('a[href$="/rules"]')->tap('#take-tarn-county button')->see('What is there');
    $walk->pick('#sv-place', 'the m')->pick('#os-kind', $other);
    $walk->unfold('#existing-none')->tap('#existing-none button')->unfold('#s-level');
    foreach ($site as $field => $value) {
        in_array($field, ['level', 'flood'], true) ? $walk->pick("#s-$field", $value) : $walk->fill("#s-$field", $value);
    }
    $walk->pick('#p0-bond', 'yes')->pick('#p0-mwbc', 'no')->pick('#p0-listed', $listed);

    return $base;
}

function priced(Walker $walk, string $base): void
{
    $walk->open("$base/price-and-papers")->pick('#o-machine', 'we')->tap('#quote-form button')->see('Waits for an answer');
    $walk->unfold('#answer-form')->tap('#answer-form button[type="submit"]')->see('Accepted');
}

function kept(Walker $walk, string $base): void
{
    $walk->open("$base/run")->see('The switching card');
    expect($walk->browser->run('return document.querySelector(".card-draft")?.textContent ?? ""'))->toBe('');
    $walk->open("$base/keep")->see('by the log, else from the hand-over')->fill('#e-hours', '1.2')
        ->tap('#entry-form button[type="submit"]');
    $walk->browser->until(fn (): bool => str_contains($walk->browser->text('main'), '1.2'), 'the first line of the log');
    expect($walk->browser->run('return document.documentElement.scrollWidth <= innerWidth'))->toBeTrue();
}

/** @param  array<string, int>  $most */
function within(Walker $walk, string $name, array $most): void
{
    $counted = $walk->counted();
    fwrite(STDERR, sprintf(
        "%s: %d pages (at most %d), %d taps (%d), %d keys (%d); hands alone %.1f min\n", $name, $counted['pages'], $most['pages'],
        $counted['taps'], $most['taps'], $counted['keys'], $most['keys'], $counted['minutes'],
    ));
    foreach ($most as $what => $limit) {
        expect($counted[$what])->toBeLessThanOrEqual($limit, $what);
    }
}

function rowHouse(Walker $walk): void
{
    typed($walk, 'Cooper Lane row house', '16', '100', [
        ['Oxygen concentrator', '1', '15'], ['Sump pump 1/3HP', '1', '20'], ['Fridge', '1', '20'], ['Oil boiler', '1', '15'],
        ['Kitchen outlets', '2', '20'], ['Lights', '1', '15'], ['Internet', '1', '15'], ['Bath', '2', '20'], ['Range', '3', '40/2'],
        ['Dryer', '3', '30/2'], ['Microwave', '2', '20'], ['Freezer', '1', '15'],
    ]);
    $base = surveyed($walk, 'Dorothea Finchley', '12 Cooper Lane, Tarn Falls', [
        'gas' => '0', 'propane' => '0', 'gasoline' => '10', 'altitude' => '20', 'hot' => '92', 'cold' => '10', 'snow' => '18',
        'level' => 'yes', 'flood' => 'yes',
    ], 'neither', 'no');
    $walk->open("$base/loads")->tap('.breaker[data-space="1"]')->see('Bridged for');
    $walk->fill('[id^="lb-"]', '90');
    $walk->open("$base/size")->see('Which machine holds')->tap('#pick-otter-80-gasoline button')->see('Holds');
    $walk->open("$base/connect")->tap('#way-manual_switch button')->see('The switch, 8 places')->pick('#sw-kind', 'whole')
        ->pick('#way-switches_neutral', 'it breaks');
    $walk->open("$base/wire")->fill('#w-cord', '35')->fill('#w-run', '25')->pick('#w-raceway', 'EMT')
        ->tap('#wire-form button[type="submit"]')->see('Other lengths')->fill('#length-1', '6')->fill('#length-2', '4');
    $walk->open("$base/place-and-fuel")->fill('#b-corners-new', '20 x 40 at 0,0')->tap('#building-new button[type="submit"]')
        ->see('800 ft')->fill('#spot-x', '8')->fill('#spot-y', '-28')->tap('#spot-form button[type="submit"]')->see('Distance');
    priced($walk, $base);
    $walk->open("$base/install")->see('steps done')->work();
    $walk->open("$base/prove")->see('steps done')->work();
    kept($walk, $base);
}

function standbyHouse(Walker $walk): void
{
    typed($walk, 'Alder Court house', '40', '200', [
        ['Heat pump 3 tons', '1', '40/2'], ['Range', '3', '50/2'], ['Furnace blower', '1', '15'], ['Fridge', '1', '20'],
        ['Dryer', '3', '30/2'], ['Freezer', '1', '20'], ['Lights', '1', '15'], ['Internet', '1', '15'], ['Well pump 1HP', '1', '20/2'],
        ['Kitchen outlets', '2', '20'], ['Microwave', '2', '20'], ['Sump pump 1/2HP', '1', '20'], ['EV charger 32A', '3', '40/2'],
    ]);
    $base = surveyed($walk, 'Bettina Aldercroft', '5 Alder Court, Tarn Falls', [
        'gas' => '450', 'propane' => '0', 'gasoline' => '0', 'altitude' => '600', 'hot' => '98', 'cold' => '5', 'snow' => '12',
        'level' => 'yes', 'flood' => 'yes',
    ], 'solar', 'no');
    $walk->pick('#os-at', 'Main')->fill('#os-disconnect', 'SOLAR, north wall')->pick('#os-run', 'a listed');
    $walk->open("$base/demand")->fill('#d-area', '2100')->fill('#d-ranges', '9000')->fill('#d-dryers', '5000')->fill('#d-ev', '7680')
        ->fill('#d-pump', '4200')->fill('#d-cooling', '4200')->fill('#d-motor', '1920')->tap('#demand-form button[type="submit"]')
        ->see('Demand');
    $walk->open("$base/size")->see('Which machine holds')->tap('#pick-stonecrop-26-natural-gas button')->see('Holds');
    $walk->open("$base/connect")->tap('#way-automatic_service button')->see('Settings of the switch')
        ->pick('#way-switches_neutral', 'it leaves')->fill('#way-utility_fault_a', '10000')->fill('#way-withstand_a', '22000')
        ->fill('#way-interrupt_a', '22000')->pick('[aria-label="EV charger 32A goes off"]', '1');
    $settings = ['start_s' => '10', 'warm_up_s' => '10', 'return_min' => '10', 'cool_down_min' => '5', 'exercise_min' => '12'];
    foreach ($settings as $key => $set) {
        $walk->fill("#setting-$key", $set);
    }
    $walk->open("$base/wire")->fill('#w-run', '38')->pick('#w-raceway', 'PVC')->tap('#wire-form button[type="submit"]')
        ->see('Other lengths');
    foreach (['6', '8', '12', '42', '45'] as $i => $feet) {
        $walk->fill('#length-'.($i + 1), $feet);
    }
    $walk->open("$base/place-and-fuel")->fill('#b-corners-new', '50 x 30 at 0,0')->tap('#building-new button[type="submit"]')
        ->see('1,500 ft')->fill('#spot-x', '57')->fill('#spot-y', '10')->tap('#spot-form button[type="submit"]')->see('Distance');
    priced($walk, $base);
    $walk->open("$base/install")->see('steps done')->work();
    $walk->open("$base/prove")->see('steps done')->work();
    kept($walk, $base);
}

function farmhouse(Walker $walk): void
{
    typed($walk, 'Marrow Hill farmhouse', '20', '200', [
        ['Range', '3', '50/2'], ['Dryer', '3', '30/2'], ['Barn feeder', '1', '60/2'], ['Well pump 1.5HP', '1', '20/2'],
        ['Furnace', '1', '15'], ['Fridge', '1', '20'], ['Kitchen counter left', '2', '20'], ['Freezer', '1', '20'],
        ['Kitchen counter right', '2', '20'],
        ['Sump pump', '1', '15'], ['Dishwasher', '3', '20'], ['Internet', '1', '15'], ['Water heater 4500W', '3', '30/2'],
        ['Living room lights', '1', '15'], ['Laundry', '2', '20'],
    ]);
    $base = surveyed($walk, 'Hesper Tolland', '77 Marrow Hill Road, Upper Tarn', [
        'gas' => '0', 'propane' => '0', 'gasoline' => '10', 'altitude' => '1900', 'hot' => '95', 'cold' => '-15', 'snow' => '30',
        'level' => 'yes', 'flood' => 'yes',
    ], 'neither', 'yes');
    $walk->pick('#p0-mwbc', 'yes')->fill('#p0-tandem', '11-20');
    $walk->unfold('#new-panel')->fill('#np-name', 'Barn panel')->fill('#np-spaces', '8')->tap('#new-panel button')->see('Remove Barn panel')
        ->pick('#p1-fed', 'Main')->pick('#p1-lugs', 'yes')->pick('#p1-bond', 'yes')->pick('#p1-ground', 'none')->pick('#p1-building', 'yes')
        ->pick('#p1-mwbc', 'no')->pick('#p1-breaker', '5');
    $walk->tap('.breaker[data-space="9"]')->see('Shares its neutral with')->pick('#b-neutral', '11');
    $walk->open("$base/grid")->toBlankRow('#loads-grid');
    $barn = [['Livestock water heater', '1', '20'], ['Electric fence', '1', '15'], ['Barn lights', '1', '15']];
    foreach ($barn as [$name, $role, $breaker]) {
        $walk->press($name, WebDriverKeys::TAB, $role, WebDriverKeys::TAB, $breaker, WebDriverKeys::ENTER);
        usleep(200_000);
    }
    $walk->tap('#take-all button', [WebDriverKeys::ALT, WebDriverKeys::SHIFT, 't'])->see('Figures taken');
    Servers::stopWeb();
    $walk->browser->run('document.activeElement.blur()');
    Servers::startWeb();
    $walk->open("$base/size")->see('Which machine holds')->tap('#pick-badger-120-gasoline button')->see('Holds');
    $walk->open("$base/connect")->tap('#way-interlock button')->see('before and after')->tap('#moves button')->see('Breakers moved');
    $walk->open("$base/wire")->fill('#w-cord', '35')->fill('#w-run', '22')->pick('#w-raceway', 'PVC')
        ->tap('#wire-form button[type="submit"]');
    $walk->open("$base/place-and-fuel")->fill('#b-corners-new', '46 x 28 at 0,0')->tap('#building-new button[type="submit"]')
        ->see('1,288 ft')->fill('#spot-x', '42')->fill('#spot-y', '-32')->tap('#spot-form button[type="submit"]')->see('Distance');
    priced($walk, $base);
    $walk->open("$base/install")->see('steps done');
    $walk->browser->until(fn () => $walk->browser->run('return document.body.classList.contains("opens-offline")'), 'the page to be kept');
    Servers::stopWeb();
    $walk->tap('[data-outbox="permit"] .step-box')->see('kept on this device and not sent yet');
    Servers::startWeb();
    $walk->browser->run('dispatchEvent(new Event("online"))');
    $walk->browser->until(fn () => ! str_contains($walk->browser->text('main'), 'not sent yet'), 'what was kept to be sent');
    $walk->work();
    $walk->open("$base/prove")->see('steps done')->work();
    kept($walk, $base);
}

/** @return Walker whose hands have the keys alone, with the screen of the night */
function byNight(Browser $browser): Walker
{
    $browser->run('document.cookie = "night=1; path=/"');

    return new Walker($browser, true);
}

it('takes a row house from nothing to its log', function () {
    rowHouse($walk = new Walker($this->browser, false));
    within($walk, 'Row house, oxygen, multi-circuit switch, touch', ['pages' => 16, 'taps' => 250, 'keys' => 800]);
});

it('takes it there by the keys alone, at night theme', function () {
    rowHouse($walk = byNight($this->browser));
    within($walk, 'The same by the keys alone, at night theme', ['pages' => 16, 'taps' => 0, 'keys' => 2000]);
});

it('takes a house with a standby, a small gas meter and solar from nothing to its log', function () {
    standbyHouse($walk = new Walker($this->browser, false));
    within($walk, 'Standby, gas, solar, automatic service switch, touch', ['pages' => 16, 'taps' => 260, 'keys' => 850]);
});

it('takes that one there by the keys alone, at night theme', function () {
    standbyHouse($walk = byNight($this->browser));
    within($walk, 'The same by the keys alone, at night theme', ['pages' => 16, 'taps' => 0, 'keys' => 2250]);
});

it('takes a crowded panel with a barn from nothing to its log, with the line cut twice', function () {
    farmhouse($walk = new Walker($this->browser, false));
    within($walk, 'Crowded panel, barn, portable with an interlock, touch', ['pages' => 16, 'taps' => 200, 'keys' => 750]);
});

it('takes that one there by the keys alone, at night theme, with the line cut twice', function () {
    farmhouse($walk = byNight($this->browser));
    within($walk, 'The same by the keys alone, at night theme', ['pages' => 16, 'taps' => 0, 'keys' => 2000]);
});
