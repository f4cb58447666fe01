<?php

declare(strict_types=1);

use App\Bench\IntervalFiles;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Browser;
use Tests\Support\Servers;

beforeEach(function () {
    $this->browser = Browser::open();
    $this->dairy = function (): string {
        $this->browser->signIn()->visit('/?q=Kestrel');

        return (string) parse_url($this->browser->attribute('.job-card', 'href'), PHP_URL_PATH);
    };
});
afterEach(fn () => $this->browser->close());

it('lets a newcomer find the two faults of the stand-in house with the recorder', function () {
    $b = $this->browser;
    $path = ($this->dairy)();
    $b->visit("$path/loads")
        ->click('.chips a[href$="/recordings"]')
        ->see('Record with two clamps')
        ->click('#new-recording button')
        ->see('recording, everything kept');
    $switchOn = function (string $circuit) use ($b): void {
        $before = count($b->web->findElements(Facebook\WebDriver\WebDriverBy::cssSelector('#part-offers .offer')));
        $b->choose('#mark-circuit', $circuit)->click('#mark-form button')->see('Marked')->click("#switch-$circuit-button");
        $b->until(fn () => $b->run('return document.querySelectorAll("#part-offers .offer").length') > $before, "a step for $circuit");
    };
    $switchOn('c28');
    $b->see('28 Living room answered on leg A, but its space hangs on leg B');
    $switchOn('c25');
    $b->see('+14.4 A')->see('3.5 times as much')->click('#part-offers .offer form button');
    $b->until(fn () => str_contains($b->text('#part-measured'), '14.4 A'), 'the table to show what was measured');
    $switchOn('c5');
    $b->see('legs A and B');
    $b->click('#stop-recording')->see('inlet')->see('Highest 10 s');
    expect($b->run('return document.querySelectorAll("svg.whole-trace .mark-line").length'))->toBe(3);
    $b->visit("$path/schools")->see('25 Kidding pen lamps: listed 4.2 A, measured 14.4 A');
    $b->choose('#sc-figures', 'measure')->click('#schools-form button')->see('Reason is missing');
    $b->type('#sc-reason', 'Clamped with the customer on site')->click('#schools-form button')->see('Clamped with the customer on site');
    expect($b->complaints())->toBe([]);
});

it('loses no reading when the server is away and the page is loaded anew', function () {
    $b = $this->browser;
    $path = ($this->dairy)();
    $b->visit("$path/recordings")->click('#new-recording button')->see('recording, everything kept');
    $recording = (string) parse_url($b->web->getCurrentURL(), PHP_URL_PATH);
    Servers::stopWeb();
    try {
        $b->until(
            fn () => str_contains($b->text('[data-state]'), 'does not answer')
                || str_contains($b->text('[data-state]'), 'kept in this browser'),
            'the recorder to notice',
        );
        sleep(3);
    } finally {
        Servers::startWeb();
    }
    $b->see('recording, everything kept')->visit($recording)->see('recording, everything kept');
    sleep(2);
    $b->click('#stop-recording')->see('without a gap');
    $csv = (string) $b->run('const r = new XMLHttpRequest(); r.open("GET", location.pathname + "/readings.csv", false); '
        .'r.send(); return r.responseText;');
    $times = array_map(fn (string $line) => (int) round(1000 * (float) $line), array_slice(explode("\r\n", trim($csv)), 1));
    expect(count($times))->toBeGreaterThan(60)
        ->and(array_unique(array_map(fn (int $i) => $times[$i] - $times[$i - 1], range(1, count($times) - 1))))->toBe([100]);
});

it('takes an hour of ten readings a second without growing slow, and loses none', function () {
    $b = $this->browser;
    $path = ($this->dairy)();
    // A meter that answers every question with three minutes, so that the hour passes sooner.
    $script = <<<'JS'
        const real = window.fetch;
        window.given = 0;
        window.fetch = (url, options) => {
            if (!String(url).includes('/meter/readings')) return real(url, options);
            const since = Number(new URL(url, location.href).searchParams.get('since')) + 1;
            const count = window.given >= 36000 ? 0 : 1800;
            const readings = Array.from({ length: count }, (_, i) => [since + 99 + 100 * i, 5 + Math.sin(i / 20), 3]);
            window.given += readings.length;
            return Promise.resolve(new Response(JSON.stringify({ now: 0, readings }), { headers: { 'Content-Type': 'application/json' } }));
        };
        JS;
    $b->command('Page.addScriptToEvaluateOnNewDocument', ['source' => $script]);
    $b->visit("$path/recordings")->click('#new-recording button')->see('recording, everything kept');
    $median = <<<'JS'
        const done = arguments[0], times = [];
        let last = performance.now();
        const tick = (now) => {
            times.push(now - last);
            last = now;
            times.length < 90 ? requestAnimationFrame(tick) : done(times.sort((x, y) => x - y)[45]);
        };
        requestAnimationFrame(tick);
        JS;
    $frames = fn (): float => (float) $b->web->executeAsyncScript($median);
    $heap = fn (): float => (float) $b->run('return performance.memory.usedJSHeapSize / 1e6');
    $early = $frames();
    $before = $heap();
    for ($i = 0; $i < 90 && (int) $b->run('return window.given') < 33_000; $i++) {
        sleep(1);
    }
    $late = $frames();
    expect($late)->toBeLessThan(1.5 * max(16.7, $early))->and($heap() - $before)->toBeLessThan(30.0);
    $b->until(fn () => (int) $b->run('return window.given') === 36_000, 'the hour to pass');
    $b->click('#stop-recording')->see('36,000');
    expect($b->text('.figures'))->toContain('36,000 without a gap');
});

it('brings a year of utility data in, with its progress, and carries the peak to the worksheet', function () {
    $file = sys_get_temp_dir().'/underpin-year-'.bin2hex(random_bytes(4)).'.csv';
    IntervalFiles::csv($file, 1);
    $b = $this->browser->signIn()->begin('Interval house');
    $path = (string) strtok($b->path(), '?');
    $base = dirname($path);
    $b->visit("$base/intervals")
        ->attach('#iv-file', $file)
        ->click('#interval-form button')
        ->see('35,040 readings brought in')
        ->see('2025-01-16 15:00');
    expect($b->run('return document.querySelectorAll(".load-map path").length'))->toBeGreaterThan(3);
    file_put_contents($file, substr((string) file_get_contents($file), 0, 50_000));
    $b->attach('#iv-file', $file)->click('#interval-form button')->see('breaks off')->see('Nothing was kept');
    unlink($file);
    $b->type('#pk-pf', '1')->click('#peak-form button')->see('The calculation rests on the recorded peak')->see('14,500')->see('220.87');
    $b->choose('#d-method', 'optional')->type('#d-area', '1800')->click('#demand-form button')->see('220.82');
    $b->click('.chips a[href$="/schools"]')->see('Three ways side by side')->see('Utility\'s recorded peak');
    expect($b->complaints())->toBe([]);
});

it('goes on with a file when the worker is killed in the middle of it', function () {
    $file = sys_get_temp_dir().'/underpin-years-'.bin2hex(random_bytes(4)).'.csv';
    IntervalFiles::csv($file, 5);
    $b = $this->browser->signIn()->begin('Worker house');
    $base = dirname((string) strtok($b->path(), '?'));
    Servers::holdWorker();
    $b->visit("$base/intervals")->attach('#iv-file', $file)->click('#interval-form button')->see('Waiting for its turn');
    unlink($file);
    // A quick machine reads the whole file between two looks at the page: the worker goes on by moments.
    for ($i = 0; $i < 60 && ! str_contains($b->text('#part-run'), 'Reading: '); $i++) {
        Servers::nudgeWorker(40);
        usleep(450_000);
    }
    $b->see('Reading: ');
    Servers::killWorker();
    $b->see('readings brought in', 60);
    expect($b->complaints())->toBe([]);
});

it('moves a breaker by dragging it and says that its leg changes', function () {
    $b = $this->browser;
    $path = ($this->dairy)();
    $b->visit("$path/survey");
    $breaker = $b->find('.breaker[data-space="27"]');
    $free = $b->find('.free[data-space="39"], .free[data-space="42"], .free');
    $space = (string) $free->getAttribute('data-space');
    $b->web->executeScript('arguments[0].scrollIntoView({block: "center"})', [$free]);
    $b->web->action()->moveToElement($breaker)->clickAndHold()->moveByOffset(12, 12)->moveToElement($free)->perform();
    $b->see("Space $space");
    $b->web->action()->release()->perform();
    $b->see("Moved to $space");
    $b->find(".breaker[data-space=\"$space\"]");
    $b->pressWithAlt('u');
    $b->find('.breaker[data-space="27"]');
    $b->click('.stage-head h1')->press(WebDriverKeys::ESCAPE);
    expect($b->complaints())->toBe([]);
});

it('adds photos several at once and names the one that is none', function () {
    $folder = sys_get_temp_dir().'/underpin-photos-'.bin2hex(random_bytes(4));
    mkdir($folder);
    file_put_contents("$folder/door.jpg", Tests\Support\Pictures::withPosition(800, 600, 6));
    file_put_contents("$folder/label.jpg", Tests\Support\Pictures::plain(300, 200));
    file_put_contents("$folder/notes.jpg", 'no picture at all');
    $b = $this->browser;
    $path = ($this->dairy)();
    $b->visit("$path/survey");
    $b->attach('main .photos input[multiple]', "$folder/door.jpg", "$folder/notes.jpg", "$folder/label.jpg");
    $b->see('2 of 3 added')->see('notes.jpg: not added');
    expect($b->run('return [...document.querySelectorAll("main .photos img")].map(i => i.alt)'))->toBe(['door.jpg', 'label.jpg']);
    $b->run('document.querySelector("main .photos").scrollIntoView()');
    $b->until(
        fn () => $b->run('return [...document.querySelectorAll("main .photos img")].every(i => i.complete && i.naturalWidth > 0)'),
        'the thumbnails',
    );
    expect($b->run('const i = document.querySelector("main .photos img"); return i.naturalHeight > i.naturalWidth'))->toBeTrue();
    exec('rm -rf '.escapeshellarg($folder));
});

it('draws the chain and the panels of a lodge without scripts', function () {
    $plain = Browser::open(scripts: false);
    $plain->visit('/sign-in')
        ->type('#email', 'nell@ridgeandharbor.example')
        ->type('#password', 'demo-shop-2026')
        ->click('#sign-in button')
        ->see('Jobs')
        ->visit('/?q=Ansgar');
    $job = (string) parse_url($plain->attribute('.job-card', 'href'), PHP_URL_PATH);
    $plain->visit("$job/survey")->see('East disconnect')->see('neutral bonded');
    expect($plain->has('.chain-node'))->toBeTrue()->and($plain->has('[data-board] .breaker'))->toBeTrue();
    $plain->close();
});
