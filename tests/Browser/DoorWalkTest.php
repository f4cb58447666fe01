<?php

declare(strict_types=1);

use App\Access\TimeCode;
use Tests\Support\Browser;

/* The apprentice of the demo shop, whom no other test signs in as. */

const APPRENTICE = 'saoirse@ridgeandharbor.example';

const WORD = 'demo-shop-2026';

beforeEach(fn () => $this->browser = Browser::open());
afterEach(fn () => $this->browser->close());

it('turns the second step on with what the page shows, comes in by a code on paper, and turns it off', function () {
    $enter = fn (Browser $b): Browser => $b->visit('/sign-in')->type('#email', APPRENTICE)->type('#password', WORD)
        ->click('#sign-in button');
    $b = $enter($this->browser)->see('Jobs')->visit('/account')->click('a[href$="/account/two-steps"]')->see('A second step at sign-in');
    // The square that a telephone reads says the same as the key.
    $b->find('[data-square] svg path');
    $key = str_replace(' ', '', $b->text('.key-text'));
    expect($b->attribute('[data-square]', 'data-square'))->toContain("secret=$key");
    $b->type('#code', TimeCode::ofText($key)->at(TimeCode::stepAt(time())))->type('#t-current', WORD)
        ->click('form button.is-primary')->see('They are shown only now');
    $code = $b->text('.codes li');
    $b->visit('/account')->click('form[action$="/sign-out"] button')->see('Sign in');

    $enter($b)->see('Six digits from your device')->type('#code', 'AAAA-AAAA')->click('#second-step button')->see('This code is not right');
    $b->type('#code', strtolower($code))->click('#second-step button')->see('Jobs');
    $b->visit('/account')->see('7 recovery codes left')->run('document.querySelector("#o-current").closest("details").open = true');
    $b->type('#o-current', WORD)->click('form:has(#o-current) button')->see('the password alone lets you in now');
    expect($b->complaints())->toBe([]);
});

it('shows an apprentice what was decided, with nothing to press, and lets them note what they find', function () {
    $b = $this->browser->signIn(APPRENTICE)->visit('/?q=Kestrel');
    $job = (string) parse_url($b->attribute('.job-card', 'href'), PHP_URL_PATH);
    expect($b->has('form[action$="'.$job.'"] button'))->toBeFalse();
    $b->visit("$job/size")->see('You can look');
    $isOff = 'return [...document.querySelectorAll("#part-main button")].every((button) => button.matches(":disabled"))';
    expect($b->run($isOff))->toBeTrue();
    $b->visit("$job/survey?at=c5")->find('#breaker-form');
    expect($b->run('return document.querySelector("#breaker-form button, #breaker-form input:not([type=hidden])").matches(":disabled")'))
        ->toBeFalse();
});
