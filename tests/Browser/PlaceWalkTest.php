<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Browser;

beforeEach(function () {
    $this->browser = Browser::open(1280, 900)->signIn();
});

afterEach(fn () => $this->browser->close());

it('draws a house, places the machine, drags it out of the forbidden zone, nudges it, and takes it back', function () {
    $b = $this->browser;
    $b->visit('/?q=Harrow');
    $path = (string) parse_url($b->attribute('.job-card', 'href'), PHP_URL_PATH);
    $b->visit("$path/place-and-fuel")->see('Draw the house first');
    $b->type('#b-corners-new', '40 x 30')->click('#building-new button');
    $b->see('1,200 ft²');
    $b->type('#plan-property', '160 x 140 at -60,-60')->press(WebDriverKeys::TAB);
    $b->see('I looked: nothing else stands there')->click('#nothing-else button');
    $b->type('#spot-x', '48')->type('#spot-y', '10')->click('#spot-form button');
    $b->see('20.0 ft are kept');
    $machine = $b->find('.site-drag');
    $b->web->executeScript('arguments[0].scrollIntoView({block: "center"})', [$machine]);
    $b->web->action()->moveToElement($machine)->clickAndHold()->moveByOffset(60, 0)->moveByOffset(60, 0)->perform();
    // While it is held, its distances are those of where it would stand; nothing is saved yet.
    $b->until(fn () => ! $b->has('#place-live .is-broken'), 'the distances follow the machine');
    expect($b->attribute('#spot-x', 'value'))->toBe('48');
    $b->web->action()->release()->perform();
    $b->see('The machine was moved');
    $x = (float) $b->attribute('.site-plan', 'data-x');
    expect($x)->toBeGreaterThan(60.0);
    $b->web->executeScript('document.querySelector(".site-drag").focus()');
    $b->press(WebDriverKeys::ARROW_RIGHT);
    $b->until(fn () => (float) $b->attribute('#spot-x', 'value') > $x, 'the nudge to the right is saved');
    $b->press(WebDriverKeys::ARROW_UP);
    $b->until(fn () => $b->attribute('#spot-y', 'value') === '10.5', 'the nudge is saved');
    expect((float) $b->attribute('#spot-x', 'value'))->toEqualWithDelta($x + 0.5, 0.01);
    $b->pressWithAlt('u');
    $b->until(fn () => $b->attribute('#spot-y', 'value') === '10', 'the nudge is taken back');
    expect($b->complaints())->toBe([]);
});

it('draws an outline on the plan, corner by corner, with the length of each side beside the pointer', function () {
    $b = $this->browser;
    $b->visit('/?q=Kestrel');
    $path = (string) parse_url($b->attribute('.job-card', 'href'), PHP_URL_PATH);
    $b->visit("$path/place-and-fuel");
    $b->web->executeScript('document.querySelector("#on-plan-new").open = true');
    $b->click('[data-draw]')->see('Click the corners');
    $ground = $b->find('.site-plan svg');
    $b->web->executeScript('arguments[0].scrollIntoView({block: "center"})', [$ground]);
    $at = fn (int $x, int $y) => $b->web->action()->moveToElement($ground, $x, $y)->click()->perform();
    $at(-230, 150);
    $b->web->action()->moveToElement($ground, -180, 150)->perform();
    $b->until(fn () => preg_match('/^\d+(\.\d)? ft$/', $b->text('.site-drawn-figure')) === 1, 'the length beside the pointer');
    $at(-180, 150);
    $at(-180, 190);
    $at(-230, 190);
    $at(-230, 150);
    $b->see('Outline with 4 corners');
    expect(explode(' ', $b->attribute('#b-corners-new', 'value')))->toHaveCount(4);
    $b->type('#b-name-new', 'Hen house')->click('#building-new .is-primary');
    $b->see('Hen house')->pressWithAlt('u');
    $b->until(fn () => ! str_contains($b->text('.site-plan'), 'Hen'), 'the hen house is taken back');
    expect($b->complaints())->toBe([]);
});

it('shows the plan on a phone at a size that can be read, opened at the machine, and drags it by touch', function () {
    $b = $this->browser;
    $b->visit('/?q=Kestrel');
    $path = (string) parse_url($b->attribute('.job-card', 'href'), PHP_URL_PATH);
    $b->command('Emulation.setDeviceMetricsOverride', ['width' => 390, 'height' => 844, 'deviceScaleFactor' => 1, 'mobile' => true]);
    $b->visit("$path/place-and-fuel")->find('.site-drag');
    [$smallest, $left, $right, $wide] = $b->run(<<<'JS'
        const machine = document.querySelector('.site-drag').getBoundingClientRect();
        const words = [...document.querySelectorAll('.site-plan text')].filter((t) => t.textContent);
        const smallest = Math.min(...words.map((text) => text.getBoundingClientRect().height));
        return [smallest, machine.left, machine.right, document.documentElement.scrollWidth];
        JS);
    expect($smallest)->toBeGreaterThan(13)->and($left)->toBeGreaterThan(60)->and($right)->toBeLessThan(330)->and($wide)->toBe(390);
    $x = (float) $b->attribute('.site-plan', 'data-x');
    $machine = $b->find('.site-drag');
    $b->web->executeScript('arguments[0].scrollIntoView({block: "center"})', [$machine]);
    [$px, $py] = $b->run(
        'const m = document.querySelector(".site-machine").getBoundingClientRect(); return [m.left + m.width / 2, m.top + m.height / 2]',
    );
    $touch = fn (string $type, array $points) => $b->command('Input.dispatchTouchEvent', ['type' => $type, 'touchPoints' => $points]);
    $touch('touchStart', [['x' => $px, 'y' => $py]]);
    foreach (range(1, 6) as $i) {
        $touch('touchMove', [['x' => $px + 10 * $i, 'y' => $py]]);
    }
    $touch('touchEnd', []);
    $b->see('The machine was moved');
    expect((float) $b->attribute('.site-plan', 'data-x'))->toBeGreaterThan($x + 5)->and($b->complaints())->toBe([]);
});
