<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Browser;

/* From the first panel to the first verdict, by the keys alone, each of them counted; a letter is one, two held together are two. */

beforeEach(function () {
    $this->browser = Browser::open()->signIn();
    $this->keys = 0;
    $this->press = function (string ...$keys): void {
        foreach ($keys as $key) {
            $this->keys += mb_strlen($key);
            $this->browser->press($key);
        }
    };
    $this->with = function (string $held, string $key): void {
        $this->keys += 2;
        $this->browser->pressWith($held, $key);
    };
    // What a person has copied elsewhere: a page may not be given a clipboard by a test, so the event itself is sent.
    $this->paste = function (string $text): void {
        $this->keys += 2;
        $this->browser->web->executeScript(<<<'JS'
            const data = new DataTransfer();
            data.setData('text/plain', arguments[0]);
            const at = document.activeElement;
            const taken = !at.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }));
            if (!taken) at.setRangeText(arguments[0], at.selectionStart, at.selectionEnd, 'end');
            JS, [$text]);
    };
});

afterEach(fn () => $this->browser->close());

/** @return list<array{string, string, string}> space, what it feeds, breaker: 40 spaces, twelve of them with something that a name tells */
function fortySpaces(): array
{
    $named = [
        ['1', 'Fridge', '20'], ['2', 'Furnace', '15'], ['3', 'Sump pump', '20'], ['4', 'Internet', '15'], ['5-7', 'Well pump 1HP', '20'],
        ['6', 'Freezer', '20'], ['8', 'Hall lights', '15'], ['9', 'Microwave', '20'], ['10-12', 'Water heater 4500W', '30'],
        ['11', 'CPAP', '15'], ['13', 'Garage door', '20'], ['14-16', 'Dryer', '30'],
    ];

    return [...$named, ...array_map(fn (int $n): array => [(string) (17 + $n), "Circuit $n", '20'], range(0, 23)), ['15', 'Bath', '20']];
}

it('comes from a sheet to a verdict in fewer than 120 keys', function () {
    $b = $this->browser;
    $sheet = "Ckt\tServes\tBkr\n".implode("\n", array_map(fn (array $row): string => implode("\t", $row), fortySpaces()))."\n";
    ($this->press)('c');
    $b->find('#begin[open]');
    ($this->press)('Finch Lane', WebDriverKeys::ENTER);
    $b->see('Bring a sheet');
    ($this->press)(WebDriverKeys::ENTER);
    $b->find('#pasted:focus');
    ($this->paste)($sheet);
    $b->find('#take-form button:focus');
    ($this->press)(WebDriverKeys::ENTER);
    $b->see('What must run')->see('Take all 13');
    ($this->with)(WebDriverKeys::SHIFT, 't');
    $b->see('Figures taken for 13 breakers')->see('It asks for a machine of the');
    ($this->press)(']');
    $b->see('Which machine holds');
    ($this->press)('p');
    $b->find('#fits .is-picked');
    expect($b->text('.strip-verdict'))->toContain('Holds, with')->and($this->keys)->toBeLessThan(120)->and($b->complaints())->toBe([]);
});

it('comes by hand, in the grid and by the keys alone, to a verdict in fewer than 400', function () {
    $b = $this->browser;
    ($this->press)('c');
    $b->find('#begin[open]');
    ($this->press)('Finch Lane', WebDriverKeys::ENTER);
    $b->find('#begin-sheet:focus');
    ($this->press)(WebDriverKeys::TAB, '40', WebDriverKeys::TAB, '200', WebDriverKeys::ENTER);
    $b->find('#loads-grid [data-blank] [data-column="name"]:focus');
    foreach (array_slice(fortySpaces(), 0, 20) as [$space, $name, $amps]) {
        ($this->press)($name, WebDriverKeys::TAB, WebDriverKeys::TAB, str_contains($space, '-') ? "$amps/2" : $amps, WebDriverKeys::ENTER);
    }
    $b->until(fn (): bool => $b->run('return document.querySelectorAll("#loads-grid tr[data-circuit]").length') === 20, 'twenty breakers');
    // What is known better than usual is typed over.
    $this->keys += 3;
    $b->run('document.activeElement.dispatchEvent(new KeyboardEvent("keydown",'
        .' { key: "T", code: "KeyT", altKey: true, shiftKey: true, bubbles: true, cancelable: true }))');
    $b->see('Figures taken for 12 breakers');
    $b->until(fn (): bool => $b->attribute('#loads-grid tr[data-circuit] [data-column="run_w"]', 'value') === '160', 'the fridge');
    expect($b->text('#part-sums'))->toContain('must run');
    $b->run('document.querySelector("h1").click(); document.activeElement.blur()');
    ($this->press)(']');
    $b->see('Which machine holds');
    ($this->press)('p');
    $b->find('#fits .is-picked');
    expect($b->text('.strip-verdict'))->toContain('Holds, with')->and($this->keys)->toBeLessThan(400)->and($b->complaints())->toBe([]);
});

it('comes from a sheet to a verdict by touch, on a screen of 390 pixels, with the board whole and in its place', function () {
    $this->browser->close();
    $b = $this->browser = Browser::open(390, 844)->signIn();
    $b->command('Emulation.setDeviceMetricsOverride', ['width' => 390, 'height' => 844, 'deviceScaleFactor' => 1, 'mobile' => true]);
    $b->command('Emulation.setTouchEmulationEnabled', ['enabled' => true]);
    $fits = fn (): bool => $b->run('return document.documentElement.scrollWidth <= 390');
    $b->visit('/')->click('.tool-new')->type('#begin-name', 'Finch Lane')->click('#begin-job button')->see('Bring a sheet');
    expect($fits())->toBeTrue();
    $b->click('#begin-sheet')->find('#pasted');
    $sheet = "Ckt\tServes\tBkr\n".implode("\n", array_map(fn (array $row): string => implode("\t", $row), fortySpaces()))."\n";
    $b->web->executeScript('document.getElementById("pasted").value = arguments[0]', [$sheet]);
    $b->click('#schedule-form button')->click('#take-form button')->see('What must run');
    expect($fits())->toBeTrue();
    // Both columns, whole names, as high as a finger.
    [$least, $left, $right] = $b->run(<<<'JS'
        const boxes = [...document.querySelectorAll('.breaker .face')].map((face) => face.getBoundingClientRect());
        return [Math.min(...boxes.map((b) => b.height)), Math.min(...boxes.map((b) => b.left)), Math.max(...boxes.map((b) => b.right))];
        JS);
    expect($least)->toBeGreaterThanOrEqual(44)->and($left)->toBeGreaterThan(0)->and($right)->toBeLessThan(390)
        ->and($b->run('return document.querySelector("[data-board]").textContent.includes("…")'))->toBeFalse();
    $b->click('#take-all button')->see('Figures taken for 13 breakers');
    // What is selected stands in a sheet from below; the board stays where it is, and the breaker above the sheet.
    $b->click('.breaker[data-space="9"]')->see('9 · Microwave');
    $sheetTop = fn (): float => $b->run('return document.getElementById("part-drawer").getBoundingClientRect().top');
    $b->until(fn (): bool => $sheetTop() > 300
        && $b->run('return document.querySelector(".breaker[data-space=\"9\"]").getBoundingClientRect().bottom') <= $sheetTop() + 1,
        'the breaker to stand above the sheet');
    $b->click('#role-form button[value="must"]')->find('.breaker[data-space="9"][data-role="must"]');
    $b->click('[data-deselect]');
    $b->until(fn (): bool => ! $b->has('#role-form'), 'the sheet to go');
    $b->click('.stage-head .next')->see('Which machine holds');
    expect($fits())->toBeTrue();
    $b->click('[data-first]')->find('#fits .is-picked');
    expect($b->text('.strip-verdict'))->toContain('Holds, with')->and($b->complaints())->toBe([]);
});

it('fills, pastes, steps back, sorts and shows what is missing like a sheet', function () {
    $b = $this->browser->begin('Sheet house', panel: true);
    $base = dirname((string) strtok($b->path(), '?'));
    $b->visit("$base/grid")->find('#loads-grid');
    $b->run('document.querySelector("#loads-grid [data-blank] [data-column=space]").focus()');
    $lines = array_map(fn (int $n): string => "$n\tRoom $n\toff\t20", range(1, 40));
    $began = microtime(true);
    ($this->paste)(implode("\n", $lines));
    $b->until(fn (): bool => $b->run('return document.querySelectorAll("#loads-grid tr[data-circuit]").length') === 40, 'forty breakers');
    expect(microtime(true) - $began)->toBeLessThan(3.0);
    $b->see('Saved.');
    // A role typed once, filled down over three more.
    $b->click('#loads-grid tr[data-circuit] [data-column="role"]');
    $b->run('document.activeElement.select()');
    $b->press('1');
    foreach (range(1, 3) as $n) {
        $b->pressWith(WebDriverKeys::SHIFT, WebDriverKeys::ARROW_DOWN);
    }
    $b->pressWith(WebDriverKeys::CONTROL, 'd');
    $must = fn (): int => $b->run('return document.querySelectorAll("#loads-grid tr[data-role=must]").length');
    $b->until(fn (): bool => $must() === 4, 'four that must run');
    $b->pressWith(WebDriverKeys::CONTROL, 'z');
    $b->until(fn (): bool => $must() === 0, 'all four to be taken back at once');
    $b->pressWith(WebDriverKeys::CONTROL, 'z');
    $b->until(fn (): bool => $b->run('return document.querySelectorAll("#loads-grid tr[data-circuit]").length') === 0, 'the paste to go');
    $b->run('document.activeElement.blur()');
    $b->press('U');
    $b->until(fn (): bool => $b->run('return document.querySelectorAll("#loads-grid tr[data-circuit]").length') === 40, 'the paste again');
    // What is refused stays typed, marked and named.
    $b->click('#loads-grid tr[data-circuit] [data-column="run_w"]');
    $b->press('lots', WebDriverKeys::ENTER)->see('Runs must be a number of watts from 0 to 200,000; "lots" was given.');
    expect($b->attribute('#loads-grid tr[data-circuit] [data-column="run_w"]', 'value'))->toBe('lots');
    $b->click('#loads-grid tr[data-circuit] [data-column="run_w"]')->press(WebDriverKeys::ESCAPE, '60', WebDriverKeys::ENTER);
    $b->see('Saved.');
    // Once for what was typed, and once more out of the cells.
    $b->click('#loads-grid tr[data-circuit] [data-column="run_w"]')->press('7', WebDriverKeys::ESCAPE);
    expect($b->run('return document.activeElement.dataset.column'))->toBe('run_w');
    $b->press(WebDriverKeys::ESCAPE)->find('[data-grid-tool="fill"]:focus');
    $b->click('[data-grid-sort="name"]')->click('[data-grid-sort="name"]');
    expect($b->attribute('#loads-grid tr [data-column="name"]', 'value'))->toBe('Room 40');
    $b->click('[data-grid-filter="missing"]')->see('39 of 40 lines shown');
    expect($b->complaints())->toBe([]);
});
