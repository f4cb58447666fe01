<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Browser;

/** The page of a stage of a job of the demo. */
function stageOf(Browser $b, string $job, string $stage): string
{
    $b->visit('/?q='.rawurlencode($job));

    return (string) parse_url($b->attribute('.job-card', 'href'), PHP_URL_PATH)."/$stage";
}

/** Throws handles one after the other, each after what the one before did. */
function throwAll(Browser $b, string ...$handles): void
{
    foreach ($handles as $handle) {
        $count = 'document.querySelectorAll(".reh-said li").length';
        $before = $b->run("return $count");
        $b->run("document.querySelector('[data-handle=\"$handle\"]').click()");
        $b->until(fn () => $b->run("return $count") > $before || str_starts_with($handle, 'wait'), "an answer to $handle");
    }
}

afterEach(fn () => $this->browser->close());

it('goes over and back on a telephone by a link without an account, makes a mistake, and takes it back', function () {
    $owner = Browser::open();
    $this->browser = $owner->signIn();
    $run = stageOf($owner, 'Salt Wharf', 'run');
    $owner->visit($run)->click('#link-form button')->see('The link is made');
    $address = $owner->text('.rehearse-link .key-text');
    expect($owner->run('return document.querySelectorAll(".rehearse-link .square path").length'))->toBe(1);
    $owner->close();

    $b = $this->browser = Browser::open(390, 844);
    $b->visit((string) parse_url($address, PHP_URL_PATH))->see('the power is out')->see('The transfer switch');
    expect($b->run('return document.body.innerText'))->not->toContain('Halloran')->not->toContain('Salt Wharf')
        ->and($b->run('return document.documentElement.scrollWidth <= innerWidth'))->toBeTrue();
    $b->run('document.querySelector(\'[data-handle="engine"]\').click()');
    $b->see('carbon monoxide');
    $b->press('h')->see('On the card:');
    throwAll($b, 'spot outdoors', 'valve', 'choke', 'engine', 'choke');
    $circuits = $b->run('return [...document.querySelectorAll("[data-handle^=\"circuit\"]")].map((each) => each.dataset.handle)');
    throwAll($b, 'cord-inlet', 'cord-machine', $circuits[0]);
    $b->see('Cold, it stalls');
    $b->run('document.activeElement.blur()');
    $b->press(WebDriverKeys::BACKSPACE)->see('Taken back.');
    throwAll($b, 'idle', 'wait 5', ...$circuits);
    $b->see('Everything that must run, runs.');
    throwAll($b, 'utility-back', ...$circuits);
    throwAll($b, 'wait 5', 'engine', 'cord-machine', 'cord-inlet', 'valve');
    $b->see('Keep it with your name')->type('#reh-who', 'Nadia Halloran')->click('.reh-finish button')->see('Kept');
    expect($b->complaints())->toBe([]);
});

it('keeps the years after: a line in the log, a service that says repair, and the day of the shop', function () {
    $b = $this->browser = Browser::open();
    $b->signIn();
    $keep = stageOf($b, 'Ansgar', 'keep');
    $b->visit($keep)->see('Pole B is 5.9 °C warmer')->see('would fall in');
    $b->choose('#e-kind', 'fuel');
    expect($b->run('return document.querySelector("#e-gal").checkVisibility() && ! '
        .'document.querySelector("#e-volts").checkVisibility()'))->toBeTrue();
    $b->type('#e-gal', '12')->type('#e-note', 'from the supplier')->click('#entry-form button')->see('from the supplier');
    $b->visit('/?show=overdue')->see('Aldous cottage');
    $b->visit('/?show=today')->see('Work agreed for');
    expect($b->complaints())->toBe([]);
});

it('installs the last step of a portable, proves it with instruments that stand in, and a standby the same way', function (string $job,
    int $least) {
    $b = $this->browser = Browser::open();
    $b->signIn();
    $prove = stageOf($b, $job, 'prove');
    $b->visit($prove)->see('steps done');
    // Every step by its box, the readings by the instruments, as somebody does who knows the list.
    $b->web->manage()->timeouts()->setScriptTimeout(60);
    $done = $b->web->executeAsyncScript(<<<'JS'
        const finished = arguments[0];
        const wait = (ms) => new Promise((go) => setTimeout(go, ms));
        (async () => {
            document.querySelectorAll('[data-group]').forEach((group) => { group.open = true; });
            const steps = [...document.querySelectorAll('[data-outbox]')].map((form) => form.dataset.outbox);
            let n = 0;
            for (const step of steps) {
                const form = document.querySelector(`[data-outbox="${CSS.escape(step)}"]`);
                const read = form.querySelector('[data-read]');
                const value = form.elements.value;
                if (read) {
                    read.click();
                    for (let i = 0; i < 600 && value.value === ''; i++) await wait(20);
                } else if (value.type === 'number') {
                    value.value = '1';
                }
                form.requestSubmit();
                n += 1;
                await wait(30);
            }
            finished(n);
        })();
        JS, []);
    expect($done)->toBeGreaterThan($least);
    $b->until(fn () => str_contains($b->text('#part-progress'), "$done of $done steps done"), 'all steps to be done', 60.0);
    expect($b->complaints())->toBe([]);
})->with([['Kestrel', 30], ['Ansgar', 30]]);
