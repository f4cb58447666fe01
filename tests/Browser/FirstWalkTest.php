<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Browser;
use Tests\Support\Houses;

beforeEach(fn () => $this->browser = Browser::open());
afterEach(fn () => $this->browser->close());

it('goes from a spreadsheet to a switching card', function () {
    $csv = tempnam(sys_get_temp_dir(), 'schedule').'.csv';
    file_put_contents($csv, Houses::schedule42());
    $b = $this->browser->signIn()->begin('Walk house');

    $b->click('a[href$="/schedule"]')->see('Bring in a panel schedule');
    $b->attach('#schedule-file', $csv);
    $b->click('#schedule-form button')->see('36 breakers in 42 spaces')->see('Colour')->click('#take-form button')->see('What must run');
    unlink($csv);
    expect($b->run('return document.querySelectorAll(".breaker").length'))->toBe(36);

    // Keyboard only: down the left column, three must run, one with room.
    $b->press(WebDriverKeys::ARROW_DOWN)->find('.breaker.is-selected[data-space="1"]');
    $b->press('1');
    $b->find('.breaker[data-space="1"][data-role="must"]');
    $b->press(WebDriverKeys::ARROW_DOWN, '1', WebDriverKeys::ARROW_DOWN, '1', WebDriverKeys::ARROW_RIGHT, '2');
    $b->find('.breaker[data-space="5"][data-role="must"]');
    $b->find('.breaker[data-space="7"][data-role="must"]');
    $b->find('.breaker[data-space="8"][data-role="room"]');
    $b->see('3 must run');
    expect($b->text('#part-drawer h2'))->toContain('8 · Circuit 8');

    // Come to by Tab alone, Enter selects, and once more leads to the fields.
    $b->run('document.querySelector(".breaker[data-space=\"9\"]").focus()');
    $b->press(WebDriverKeys::ENTER)->find('.breaker.is-selected[data-space="9"]');
    $b->find('#part-drawer #role-form');
    $b->press(WebDriverKeys::ENTER);
    $b->until(fn () => $b->run('return document.activeElement.closest("#part-drawer") !== null'), 'the focus in its fields');
    $b->run('document.activeElement.blur()');

    // Undo and redo by key; the last change was the one with room.
    $b->pressWith(WebDriverKeys::CONTROL, 'z');
    $b->find('.breaker[data-space="8"][data-role="off"]');
    $b->pressWithAlt('U');
    $b->find('.breaker[data-space="8"][data-role="room"]');

    // What the survey still misses decides the interlock.
    $b->press('[')->see('What is there');
    $b->visit(strtok($b->path(), '?'))->type('#p0-main', '200')->press(WebDriverKeys::TAB)->see('Saved');
    $b->choose('#p0-listed', '1')->see('Saved')->choose('#p0-mwbc', '0');
    $b->until(
        fn () => $b->run('return document.getElementById("p0-mwbc").form.elements.was.value.includes(\'"has_multiwire":false\')'),
        'the answer to be saved',
    );

    $b->click('.stage-head h1')->press(']')->see('What must run')->press(']')->see('Which machine holds');
    // The cheapest bonds its neutral, and the card would stay a draft: this one's floats.
    $b->click('#pick-heron-65-gasoline button')->see('Holds');
    $b->find('#fits .is-picked');
    $b->press(']')->see('How it connects')->click('#way-manual_switch button');
    $b->find('.matrix .is-picked');
    $b->see('a switch for 4');
    $b->choose('#sw-kind', 'cables')->see('takes its own neutral and its ground along');
    $b->click('.stage-head h1')->press(']')->see('From the machine to the panel')->type('#w-cord', '25');
    $b->type('#w-run', '18')->click('#wire-form button');
    $b->see('Conductors');

    $b->press(']')->see('Where it stands')->press(']')->see('Price and papers')->press(']')
        ->see('The work, step by step')->press(']')->see('Prove that it holds')->press(']')->see('When the power is out');
    expect($b->text('.card-order'))->toContain('1–2')->toContain('Two-pole 1')->toContain('3')->toContain('4');
    expect($b->has('.card-draft'))->toBeFalse();
    $b->click('a[href$="/card"]')->see('Turn on in this order');
    expect($b->complaints())->toBe([]);
});

it('asks nothing of any other host, and little of the wire', function () {
    $this->browser->signIn()->visit('/?q=Kestrel');
    $id = basename((string) parse_url($this->browser->attribute('.job-card', 'href'), PHP_URL_PATH));
    $fresh = Browser::open()->signIn();
    $fresh->visit("/jobs/$id/loads");
    $entries = $fresh->run('return performance.getEntriesByType("resource").concat(performance.getEntriesByType("navigation")).map(e '
        .'=> [e.name, e.encodedBodySize])');
    $fresh->close();
    expect(array_sum(array_column($entries, 1)))->toBeLessThan(250_000);
    foreach (array_column($entries, 0) as $address) {
        expect($address)->toStartWith((string) getenv('UNDERPIN_URL'));
    }
});

it('shows both when two people change the same thing', function () {
    $b = $this->browser->signIn()->begin('Shared house', panel: true);
    $path = strtok($b->path(), '?');
    $other = Browser::open()->signIn('tobiah@ridgeandharbor.example')->visit($path);
    $other->type('#p0-name', 'Cellar panel')->press(WebDriverKeys::TAB)->see('Saved');
    $other->close();
    $b->type('#p0-name', 'Attic panel')->press(WebDriverKeys::TAB);
    $b->see('Somebody else has changed this')->see('Cellar panel')->see('Attic panel')->see('Tobiah Renn');
    $b->click('#conflict form button')->see('Attic panel');
    expect($b->visit($path)->attribute('#p0-name', 'value'))->toBe('Attic panel');
});

it('keeps what was typed when the server refuses it', function () {
    $b = $this->browser->signIn()->begin('Refused house', panel: true);
    $b->type('#p0-spaces', '41')->press(WebDriverKeys::TAB)->see('Spaces must be an even number');
    expect($b->attribute('#p0-spaces', 'value'))->toBe('41')->and($b->attribute('#p0-spaces', 'aria-invalid'))->toBe('true');
});

it('keeps what is being typed, the fold and the place of the cursor while an answer arrives', function () {
    $b = $this->browser->signIn()->visit('/?q=Kestrel');
    $id = basename((string) parse_url($b->attribute('.job-card', 'href'), PHP_URL_PATH));
    $b->visit("/jobs/$id/loads?at=c5")->find('#role-form');
    $b->run('[...document.querySelectorAll("#part-drawer details")].find(d => d.innerText.includes("nameplate")).open = true');
    $b->type('#np-load', 'Milk vat, not yet');
    $role = $b->attribute('#c-c5', 'data-role') === 'off' ? 'room' : 'off';
    $b->run("const f = document.getElementById('role-form'); f.requestSubmit(f.querySelector('[value=$role]'))");
    $b->find("#c-c5[data-role=$role]");
    $b->find("#role-form button[value=$role][aria-pressed=true]");
    expect($b->run('return document.getElementById("np-load").value'))->toBe('Milk vat, not yet')
        ->and($b->run('return document.activeElement.id'))->toBe('np-load')
        ->and($b->run('return document.getElementById("np-load").closest("details").open'))->toBeTrue();
    // Another circuit's form is another form, though its fields are called the same.
    $b->click('#c-c2')->see('2 ·');
    $b->until(fn () => $b->run('return document.getElementById("np-load").value') === '', 'the empty form');
});

it('finds anything with a slash', function () {
    $b = $this->browser->signIn()->visit('/account')->press('/');
    $b->type('#finder-q', 'salt')->see('Salt Wharf row house')->press(WebDriverKeys::ENTER);
    $b->until(fn () => str_starts_with($b->path(), '/jobs/'), 'the job to open');
    expect($b->text('.jobname'))->toBe('Salt Wharf row house');
});

it('draws the board and takes a role without scripts', function () {
    $plain = Browser::open(scripts: false);
    $plain->visit('/sign-in')->type('#email', 'nell@ridgeandharbor.example')->type('#password', 'demo-shop-2026')->click('#sign-in button');
    $plain->begin('Plain house', panel: true);
    $plain->click('.free[data-space="5"]')->type('#n-name', 'Pump')->click('#new-breaker-form button');
    $plain->find('.breaker[data-space="5"]');
    $plain->click('#role-form button[value="must"]');
    $plain->find('.breaker[data-space="5"][data-role="must"]');
    expect($plain->text('#part-tally'))->toContain('1 must run');
    $plain->close();
});
