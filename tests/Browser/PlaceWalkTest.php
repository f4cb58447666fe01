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
