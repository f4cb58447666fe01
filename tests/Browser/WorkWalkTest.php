<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Tests\Support\Browser;
use Tests\Support\Servers;

const KEPT = 'return new Promise((done) => { const open = indexedDB.open("underpin-outbox"); open.onsuccess = () => {'
    .' const all = open.result.transaction("actions").objectStore("actions").getAll();'
    .' all.onsuccess = () => { open.result.close(); done(all.result.map((each) => `${each.state}: ${each.said}`)); }; }; });';

/** The install page of a job of the demo. */
function installOf(Browser $b, string $job, string $page = '/install'): string
{
    $b->visit('/?q='.rawurlencode($job));

    return (string) parse_url($b->attribute('.job-card', 'href'), PHP_URL_PATH).$page;
}

beforeEach(fn () => $this->browser = Browser::open());
afterEach(fn () => $this->browser->close());

it('keeps 200 things done and 20 photos without a signal, and sends each once, through 20 cuts and a browser that was killed', function () {
    $b = $this->browser->signIn();
    $page = installOf($b, 'Salt Wharf');
    $b->visit($page)->see('steps done');
    $b->until(fn () => $b->run('return document.body.classList.contains("opens-offline")'), 'the page to be kept on the device');
    $photosBefore = $b->run('return document.querySelectorAll("#step-ask-power .step-photos img").length');
    Servers::stopWeb();
    // The page opens where there is no line, and keeps what is done on it.
    $b->visit($page)->see('steps done');
    $b->web->executeAsyncScript(<<<'JS'
        const done = arguments[0];
        const wait = (ms) => new Promise((go) => setTimeout(go, ms));
        const steps = ['tell-house', 'ask-power'];
        (async () => {
            for (let i = 0; i < 200; i++) {
                const form = document.querySelector(`[data-outbox="${steps[i % 2]}"]`);
                form.elements.note.value = `word ${i}`;
                form.requestSubmit();
                await wait(12);
            }
            const canvas = Object.assign(document.createElement('canvas'), { width: 320, height: 240 });
            const pen = canvas.getContext('2d');
            for (let i = 0; i < 20; i++) {
                const dots = pen.createImageData(320, 240);
                for (let k = 0; k < dots.data.length; k++) dots.data[k] = k % 4 === 3 ? 255 : Math.random() * 255;
                pen.putImageData(dots, 0, 0);
                const blob = await new Promise((made) => canvas.toBlob(made, 'image/jpeg', 0.8));
                const bag = new DataTransfer();
                bag.items.add(new File([blob], `photo-${i}.jpg`, { type: 'image/jpeg' }));
                const field = document.querySelector('[data-outbox="ask-power"] [data-photo]');
                field.files = bag.files;
                field.dispatchEvent(new Event('change', { bubbles: true }));
                await wait(60);
            }
            done(true);
        })();
        JS, []);
    $b->until(fn () => count($b->run(KEPT)) === 220, 'all of it to be kept');
    $b->see('220 things are kept on this device and not sent yet');
    foreach (range(1, 20) as $cut) {
        Servers::startWeb();
        $b->run('dispatchEvent(new Event("online"))');
        usleep(random_int(150_000, 900_000));
        Servers::stopWeb();
        if ($cut === 10) {
            $left = count($b->run(KEPT));
            $this->browser = $b = $b->killed();
            $b->visit($page)->see('kept on this device and not sent yet');
            expect($left)->toBeGreaterThan(0)->toBeLessThan(220);
        }
    }
    Servers::startWeb();
    $b->run('dispatchEvent(new Event("online"))');
    $b->until(fn () => $b->run(KEPT) === [] || str_contains(implode($b->run(KEPT)), 'conflict') || str_contains(implode($b->run(KEPT)),
        'refused'),
        'all of it to be sent', 120.0);
    expect($b->run(KEPT))->toBe([]);
    $b->visit($page)->see('steps done');
    $note = fn (string $step): mixed => $b->run("return document.querySelector('[data-outbox=\"$step\"]').elements.note.value");
    expect($note('tell-house'))->toBe('word 198')->and($note('ask-power'))->toBe('word 199')
        ->and($b->run('return document.querySelectorAll("#step-ask-power .step-photos img").length'))->toBe($photosBefore + 20);
});

it('loses nothing when the session is over, or when the device is full, and says so', function () {
    $b = $this->browser->signIn();
    $page = installOf($b, 'Salt Wharf');
    $b->visit($page)->see('steps done');
    // Somebody ends this device's session meanwhile.
    $b->web->manage()->deleteAllCookies();
    $b->run('const f = document.querySelector(\'[data-outbox="permit"]\'); f.elements.note.value = "permit 88"; f.requestSubmit();');
    $b->see('Signed out: sign in again, then it is sent. Nothing is lost.');
    expect($b->run(KEPT))->toBe(['kept: ']);
    // An answer that was on its way when they went may have brought them back.
    $b->web->manage()->deleteAllCookies();
    $b->visit('/sign-in')->type('#email', 'nell@ridgeandharbor.example')->type('#password',
        'demo-shop-2026')->click('#sign-in button')->see('Jobs');
    $b->visit($page);
    $b->until(fn () => $b->run(KEPT) === [], 'what was kept to be sent');
    $b->visit($page)->see('steps done');
    expect($b->run('return document.querySelector(\'[data-outbox="permit"]\').elements.note.value'))->toBe('permit 88');
    $b->run('IDBObjectStore.prototype.add = () => { throw new DOMException("full", "QuotaExceededError"); };'
        .'const f = document.querySelector(\'[data-outbox="permit"]\'); f.elements.note.value = "permit 89"; f.requestSubmit();');
    $b->see('Not kept: this device has no room left');
    expect($b->run('return document.querySelector(\'[data-outbox="permit"]\').elements.note.value'))->toBe('permit 89');
});

it('says what a reading out of range means at once, and that another one was quicker', function () {
    $b = $this->browser->signIn();
    $page = installOf($b, 'Salt Wharf', '/prove');
    $b->visit($page)->see('steps done');
    $b->run('document.querySelectorAll("[data-group]").forEach((group) => { group.open = true; });');
    $b->type('[data-outbox="no-load.leg-a"] [name="value"]', '151');
    expect($b->web->findElement(WebDriverBy::cssSelector('#step-no-load\.leg-a .step-out'))->isDisplayed())->toBeTrue();
    $b->type('[data-outbox="no-load.leg-a"] [name="value"]', '121');
    $b->run('document.querySelector(\'[data-outbox="no-load.leg-b"]\').elements.value.value = ""');
    expect($b->web->findElement(WebDriverBy::cssSelector('#step-no-load\.leg-a .step-out'))->isDisplayed())->toBeFalse();
    $b->run('document.querySelector("[data-bench]").open = true; document.querySelector(\'[data-fault][value="one-leg-dead"]\').click();'
        .'document.querySelector(\'#step-no-load\\\.leg-b [data-read]\').click();');
    $b->until(fn () => $b->run('return document.querySelector(\'[data-outbox="no-load.leg-b"]\').elements.value.value') !== '',
        'the instrument to answer');
    expect((float) $b->run('return document.querySelector(\'[data-outbox="no-load.leg-b"]\').elements.value.value'))->toBeLessThan(1.0);
    expect($b->complaints())->toBe([]);
});
