<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Browser;
use Tests\Support\Servers;

beforeEach(fn () => $this->browser = Browser::open());
afterEach(fn () => $this->browser->close());

it('keeps what was changed while the server is away, says that it is not saved, and sends it in order when it is back', function () {
    $b = $this->browser->signIn()->begin('Cut line', panel: true);
    $page = $b->path();
    Servers::stopWeb();
    try {
        $b->type('#p0-main', '150')->type('#p0-main', '175')->type('#p0-main', '200');
        $b->run('document.getElementById("p0-main").blur()');
        $b->see('not saved: the server does not answer');
        $b->choose('#p0-listed', '1');
        $b->see('changes are not saved');
        $b->find('form.is-unsaved');
        expect($b->run('return document.getElementById("p0-main").value'))->toBe('200')
            ->and($b->text('#toast'))->not->toContain('Saved');
    } finally {
        Servers::startWeb();
    }
    $b->until(fn () => $b->text('#unsaved') === '', 'what waited to be sent');
    expect($b->run('return document.querySelectorAll(".is-unsaved").length'))->toBe(0);
    $b->visit($page);
    expect($b->run('return document.getElementById("p0-main").value'))->toBe('200')
        ->and($b->run('return document.getElementById("p0-listed").value'))->toBe('1');
});

it('goes from the board to the first field of the drawer that can be seen', function (string $page) {
    $b = $this->browser->signIn()->visit('/?q=Kestrel');
    $b->visit(parse_url($b->attribute('.job-card', 'href'), PHP_URL_PATH).$page)->press(WebDriverKeys::ARROW_DOWN);
    $b->find('.breaker.is-selected');
    $b->press(WebDriverKeys::ENTER);
    $first = '[...document.querySelectorAll("#part-drawer :is(input, select, textarea):enabled")]'
        .'.find((field) => field.type !== "hidden" && field.checkVisibility())';
    $b->until(fn () => $b->run("return document.activeElement === $first"), 'the first field that can be seen to be where one types');
    expect($b->run("return $first.labels.length"))->toBeGreaterThan(0);
})->with(['/survey', '/loads']);

it('does nothing by a letter that was meant for a field', function (string $page) {
    $b = $this->browser->signIn()->visit('/?q=Kestrel');
    $b->visit(parse_url($b->attribute('.job-card', 'href'), PHP_URL_PATH).$page)->press(WebDriverKeys::ARROW_DOWN);
    $b->find('.breaker.is-selected');
    $b->see('1');
    $theme = $b->run('return document.documentElement.dataset.theme');
    $role = $b->run('return document.querySelector(".breaker.is-selected").dataset.role');
    $steps = $b->run('return document.querySelector("#undo-form input[name=seq]").value');
    $b->run('document.activeElement.blur()');
    foreach (['u', 'U', 'n', '1', '2', '3'] as $key) {
        $b->press($key)->see("Nothing was done: with the drawer open, Alt + $key");
    }
    usleep(400_000);
    expect($b->run('return document.documentElement.dataset.theme'))->toBe($theme)
        ->and($b->run('return document.querySelector(".breaker.is-selected").dataset.role'))->toBe($role)
        ->and($b->run('return document.querySelector("#undo-form input[name=seq]").value'))->toBe($steps);
    // Meant, and with the board in focus, they do.
    $b->pressWithAlt('n');
    $b->until(fn () => $b->run('return document.documentElement.dataset.theme') !== $theme, 'the theme to change');
    $b->pressWithAlt('n');
    $other = $role === 'room' ? 'off' : 'room';
    $b->pressWithAlt($other === 'room' ? '2' : '3')->find(".breaker.is-selected[data-role=\"$other\"]");
    $b->pressWithAlt('u')->find(".breaker.is-selected[data-role=\"$role\"]");
})->with(['/survey', '/loads']);

it('stays on a page whose form leads to another until there is an answer to be had', function () {
    $b = $this->browser->signIn()->visit('/library/new')->type('#ll-name', 'Cut lathe')->type('#ll-run-usual', '900')
        ->type('#ll-start-usual', '2700');
    Servers::stopWeb();
    try {
        $b->click('#library-load-form button')->see('1 change is not saved: the server does not answer');
        $b->find('#library-load-form.is-unsaved');
        expect($b->path())->toBe('/library/new')->and($b->run('return document.getElementById("ll-name").value'))->toBe('Cut lathe');
    } finally {
        Servers::startWeb();
    }
    $b->until(fn () => $b->text('#unsaved') === '', 'what waited to be sent');
    $b->see('Runs, low is missing');
    expect($b->run('return document.getElementById("ll-name").value'))->toBe('Cut lathe');
});

it('adds a thing once when the answer was lost on its way', function () {
    $b = $this->browser->signIn()->visit('/?q=Hollin');
    $b->visit(parse_url($b->attribute('.job-card', 'href'), PHP_URL_PATH).'/loads')->click('.breaker')->find('#new-load-form');
    $b->run(<<<'JS'
        const real = window.fetch;
        let lost = 0;
        window.fetch = (url, options) => real(url, options).then((answer) => {
            if (options?.method === 'POST' && lost++ === 0) throw new TypeError('lost on its way');
            return answer;
        });
        document.querySelector('#new-load-form').closest('details').open = true;
        JS);
    $name = 'Lamp '.bin2hex(random_bytes(4));
    $b->type('#nl-name', $name)->type('#nl-run', '60')->type('#nl-start', '60')->click('#new-load-form button');
    $b->see('not saved: the server does not answer')->see('Saved', 15);
    $found = "[...document.querySelectorAll('form.load input[name=name]')].filter((field) => field.value === '$name').length";
    $b->until(fn () => $b->run("return $found") > 0, 'the load to be shown');
    expect($b->run("return $found"))->toBe(1)->and($b->complaints())->toBe([]);
});
