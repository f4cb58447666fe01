<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Browser;

beforeEach(function () {
    $this->browser = Browser::open(1280, 900)->signIn();
    $this->job = function (string $name): string {
        $this->browser->visit('/?q='.urlencode($name));

        return (string) parse_url($this->browser->attribute('.job-card', 'href'), PHP_URL_PATH);
    };
    /** Status and kind of what an address answers. */
    $this->fetched = fn (string $path): string => (string) $this->browser->run(
        "return fetch('$path').then((r) => r.blob().then((b) => r.status + ' ' + b.type + ' ' + (b.size > 5000)))",
    );
    $this->show = fn (string $css) => $this->browser->web->executeScript(
        'arguments[0].scrollIntoView({block: "center"})', [$this->browser->find($css)],
    );
});

afterEach(fn () => $this->browser->close());

it('goes with a portable from the wire over place and fuel to a signed quote, its revision and the packet', function () {
    $b = $this->browser;
    $path = ($this->job)('Harrow');
    $b->visit("$path/wire")->see('Parts and rules')->type('#w-cord', '40')->press(WebDriverKeys::TAB);
    $b->until(fn () => str_contains($b->text('#part-main'), 'Cord loses'), 'the drop of the longer cord');
    $b->press(WebDriverKeys::ESCAPE)->web->executeScript('document.activeElement.blur()');
    $b->press(']')->see('Where it stands')->see('What keeps it running')->press(']')->see('Price and papers');
    $b->see('who supplies the machine')->choose('#o-machine', '0');
    $b->see('Hand over as a quote')->click('#quote-form button')->see('Waits for an answer');
    ($this->show)('canvas[data-signature]');
    $pad = $b->find('canvas[data-signature]');
    $stroke = $b->web->action()->moveToElement($pad, -200, 20)->clickAndHold();
    foreach (range(1, 14) as $i) {
        $stroke->moveByOffset(22, $i % 2 === 0 ? 48 : -46);
    }
    $stroke->release()->perform();
    $b->until(fn () => strlen((string) $b->attribute('input[name="signature"]', 'value')) > 20, 'the strokes of the signature');
    $b->type('#answer-name', 'Odile Prentiss')->click('#answer-form .is-primary')->find('.quote-state[data-state="accepted"]');
    $b->visit("$path/wire")->type('#w-run', '72')->press(WebDriverKeys::TAB)->see('Not as quoted');
    $b->click('.since-quote a')->see('Hand over revision 2')->click('#revise-form button')->see('What revision 2 says otherwise');
    expect($b->has('.since-quote'))->toBeFalse();
    $quote = $b->attribute('.quotes a', 'href');
    expect(($this->fetched)((string) parse_url($quote, PHP_URL_PATH)))->toBe('200 application/pdf true')
        ->and(($this->fetched)("$path/papers/permit-packet.pdf"))->toBe('200 application/pdf true')
        ->and(($this->fetched)("$path/papers/owners-folder.pdf"))->toBe('200 application/pdf true')
        ->and($b->complaints())->toBe([]);
});

it('finds a part by a few letters, and the price typed over it is that of today, until it is taken back', function () {
    $b = $this->browser;
    $b->visit('/')->press('/')->find('#finder-q:focus');
    $b->press('interlock kit')->see('part, $64.00')->press(WebDriverKeys::ENTER);
    $row = '#part-interlock-kit-as-listed-for-the-panel';
    $b->find("$row [data-column=\"price_usd\"]:focus");
    $on = fn (): string => (string) $b->attribute("$row [data-column=\"price_on\"]", 'value');
    expect($before = $on())->not->toBe($today = $b->run('return new Date().toISOString().slice(0, 10)'));
    $b->press('71.50', WebDriverKeys::ENTER);
    $b->until(fn (): bool => $on() === $today, 'the day of the price');
    $b->click('[data-grid-tool="back"][data-of="parts-grid"]');
    $b->until(fn (): bool => $on() === $before && $b->attribute("$row [data-column=\"price_usd\"]", 'value') === '64.00', 'what was');
    $b->visit('/prices');
    expect($on())->toBe($before)->and($b->complaints())->toBe([]);
});

it('follows a standby through its letters and days: what came back, what decides, and a calendar', function () {
    $b = $this->browser;
    $path = ($this->job)('Ansgar');
    $b->visit("$path/wire")->see('Other lengths')->see('Trough with taps')->press(']');
    $b->see('Where it stands')->see('Regulator stages')->see('from the last regulator to the branch of Boiler')->press(']')
        ->see('The work can begin on')
        ->see('What decides: order the machine');
    ($this->show)('input[form="step-machine"][name="done_on"]');
    // A form that has a field called "id" is known by its own all the same: what is refused is said beside its field.
    $b->type('input[form="step-machine"][name="days"]', 'soon')->press(WebDriverKeys::TAB);
    $b->find('input[form="step-machine"][name="days"][aria-invalid="true"]');
    expect($b->text('#step-machine [data-error="days"]'))->toContain('soon')->and($b->complaints())->toHaveCount(1);
    $b->type('input[form="step-machine"][name="days"]', '')->press(WebDriverKeys::TAB);
    $b->until(fn () => ! $b->has('input[form="step-machine"][name="days"][aria-invalid="true"]'), 'the refusal to be gone');
    $b->run('const f = document.querySelector(\'input[form="step-machine"][name="done_on"]\'); f.value = new '
        .'Date().toISOString().slice(0, 10);'
        .'f.dispatchEvent(new Event("change", { bubbles: true }))');
    $b->until(fn () => str_contains($b->text('#dates'), 'Machine is here') && ! str_contains($b->text('#dates'),
        'What decides: order the machine'),
        'the machine is here, and decides nothing any more');
    foreach (['permit-packet', 'utility-letter', 'gas-letter', 'owners-folder'] as $paper) {
        expect(($this->fetched)("$path/papers/$paper.pdf"))->toBe('200 application/pdf true');
    }
    expect(($this->fetched)("$path/dates.ics"))->toContain('200 text/calendar')->and($b->complaints())->toBe([]);
});

it('fills the price book like a sheet: a pasted block, a column filled down, a step back, a price that is none', function () {
    $b = $this->browser;
    $b->visit('/prices')->see('Fill down');
    $blank = 'tr[data-blank] input[data-column="part"]';
    ($this->show)($blank);
    $b->click($blank);
    $b->run('const d = new DataTransfer(); d.setData("text/plain", "Widget, small\teach\t1\t4.50\nWidget, large\teach\t10\t38\n");'
        ."document.querySelector('$blank').dispatchEvent(new ClipboardEvent('paste', { clipboardData: d, bubbles: true, cancelable: "
            .'true }))');
    $b->until(fn () => $b->has('tr[data-row="widget-small"]') && $b->has('tr[data-row="widget-large"]'), 'both rows are saved');
    $supplier = fn (string $row): string => (string) $b->run("return document.querySelector('tr[data-row=\"$row\"] "
        ."input[data-column=\"supplier\"]').value");
    $b->type('tr[data-row="widget-small"] input[data-column="supplier"]', 'Penhallow')->press(WebDriverKeys::ENTER);
    $b->pressWith(WebDriverKeys::CONTROL, 'd');
    // Taken back at once, while the filled cell may still be on its way: the step is the sheet's, not the browser's.
    $b->until(fn () => $supplier('widget-large') === 'Penhallow', 'the supplier is filled down');
    $b->pressWith(WebDriverKeys::CONTROL, 'z');
    $b->until(fn () => $supplier('widget-large') === '', 'the filled cell is taken back');
    // As it is typed over: a field that a driver clears is left empty first, and saved so.
    $b->run('document.querySelector(\'tr[data-row="widget-large"] input[data-column="price_usd"]\').select()');
    $b->press('-3', WebDriverKeys::ENTER);
    $b->until(fn () => $b->has('tr[data-row="widget-large"] input[aria-invalid]'), 'the price that is none is marked');
    // What was pasted beside a price that is none waits with it, and is saved once that is mended.
    $b->run('const d = new DataTransfer(); d.setData("text/plain", "-5\t2026-11-02\tLantry");'
        .'const c = document.querySelector(\'tr[data-row="widget-small"] input[data-column="price_usd"]\'); c.focus();'
        .'c.dispatchEvent(new ClipboardEvent("paste", { clipboardData: d, bubbles: true, cancelable: true }))');
    $b->until(fn () => $b->has('tr[data-row="widget-small"] input.is-unsaved[data-column="supplier"]'), 'the row is marked as not saved');
    $b->run('document.querySelector(\'tr[data-row="widget-small"] input[data-column="price_usd"]\').select()');
    $b->press('5', WebDriverKeys::ENTER);
    $b->until(fn () => ! $b->has('tr[data-row="widget-small"] input.is-unsaved'), 'the mended row is saved');
    $b->visit('/prices');
    expect($b->attribute('tr[data-row="widget-large"] input[data-column="price_usd"]', 'value'))->toBe('38.00')
        ->and($supplier('widget-small'))->toBe('Lantry')->and($supplier('widget-large'))->toBe('')->and($b->complaints())->toBe([]);
});
