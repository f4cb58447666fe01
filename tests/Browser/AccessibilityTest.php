<?php

declare(strict_types=1);

namespace Tests\Browser\AccessibilityTest;

use Tests\Support\Browser;

/**
 * @param  bool  $atNight  in the other theme too, where only colours differ
 * @return list<string> faults that axe finds on the page as it stands, moderate and worse
 */
function faultsOf(Browser $browser, bool $atNight): array
{
    $browser->run((string) file_get_contents(dirname(__DIR__, 2).'/node_modules/axe-core/axe.min.js'));
    $found = $browser->web->executeAsyncScript(<<<'JS'
        const done = arguments[arguments.length - 1], atNight = arguments[0], faults = [];
        const look = async (theme, options) => (await axe.run(document, { resultTypes: ['violations'], ...options })).violations
            .filter((v) => v.impact !== 'minor')
            .forEach((v) => {
                const nodes = v.nodes.slice(0, 3).map((n) => n.html.slice(0, 120) + ' ' + (n.any[0]?.message ?? ''));
                faults.push(`${theme} ${v.id}: ${nodes.join(' | ')}`);
            });
        (async () => {
            await look('day', {});
            if (atNight) {
                document.documentElement.dataset.theme = 'night';
                await look('night', { runOnly: ['color-contrast', 'link-in-text-block'] });
            }
            done(faults);
        })();
        JS, [$atNight]);

    return is_array($found) ? $found : ['axe did not answer'];
}

it('has no fault on any page that is more than minor', function (int $width, int $height, bool $nights) {
    $browser = Browser::open($width, $height);
    $browser->web->manage()->timeouts()->setScriptTimeout(60);
    $faults = [];
    $look = function (string $path, bool $once = false) use ($browser, $nights, &$faults): void {
        foreach (faultsOf($browser->visit($path), $nights && ! $once) as $fault) {
            $faults[] = "$path $fault";
        }
    };
    $browser->visit('/sign-in');
    foreach (['/sign-in', '/forgotten-password', '/new-password/x?email=a', '/nowhere'] as $path) {
        $look($path);
    }
    $browser->signIn();
    // Every kind of page by day and by night; the other houses for what they have of their own; narrow, what is another there.
    $all = [
        'survey', 'survey?at=c5', 'survey?panel=main&space=42', 'loads', 'loads?at=c5', 'grid', 'size', 'connect', 'wire', 'place-and-fuel',
        'price-and-papers', 'install', 'prove', 'keep', 'rehearsal', 'run', 'card', 'schedule', 'demand', 'rules', 'recordings',
        'recordings/demo%d', 'intervals', 'schools', 'meter', 'outage',
    ];
    $houses = $width > 1000 ? [
        'Kestrel' => $all, 'Salt' => ['connect', 'run'], 'Lake+Ansgar+lodge' => ['survey', 'connect', 'keep'], 'Morrow' => ['survey'],
    ] : ['Kestrel' => ['survey?at=c5', 'loads', 'loads?at=c5', 'grid', 'size', 'connect', 'install', 'rehearsal', 'recordings/demo%d']];
    foreach ($houses as $name => $pages) {
        $browser->visit("/?q=$name");
        $id = basename((string) parse_url($browser->attribute('.job-card', 'href'), PHP_URL_PATH));
        foreach ($pages as $page) {
            $look(sprintf("/jobs/$id/$page", $id), $name !== 'Kestrel');
        }
    }
    foreach ($width <= 1000 ? ['/', '/prices'] : [
        '/', '/?q=nothing-like-it', '/account', '/account/two-steps', '/people', '/catalogue', '/local-rules', '/local-rules/new',
        '/library/new', '/prices', '/help',
    ] as $path) {
        $look($path);
    }
    $browser->close();
    expect($faults)->toBe([]);
})->with(['wide, by day and by night' => [1280, 800, true], 'narrow' => [500, 844, false]]);

it('fits every page into a narrow screen without sideways scrolling', function () {
    $browser = Browser::open();
    $narrow = ['width' => 390, 'height' => 844, 'deviceScaleFactor' => 1, 'mobile' => false];
    $browser->command('Emulation.setDeviceMetricsOverride', $narrow);
    $browser->signIn()->visit('/?q=Kestrel');
    $id = basename((string) parse_url($browser->attribute('.job-card', 'href'), PHP_URL_PATH));
    $wide = [];
    foreach (
        [
            '/', '/account', '/account/two-steps', '/people', '/catalogue', '/prices', '/help',
            ...array_map(
                fn ($s) => "/jobs/$id/$s",
                [
                    'survey', 'loads?at=c5', 'grid', 'size', 'connect', 'wire', 'place-and-fuel', 'price-and-papers', 'install', 'prove',
                    'run', 'keep', 'rehearsal', 'card', 'schedule', 'demand', 'recordings',
                    "recordings/demo$id", 'intervals', 'schools', 'meter', 'outage',
                ],
            ),
        ] as $path
    ) {
        $browser->visit($path);
        $over = $browser->run('return document.documentElement.scrollWidth - window.innerWidth');
        if ($over > 0) {
            $wide[] = "$path is $over px too wide";
        }
        $station = 'const at = document.querySelector(".spine [aria-current]")?.getBoundingClientRect();'
            .'return !at || at.left >= 0 && at.right <= innerWidth;';
        if ($browser->run($station) !== true) {
            $wide[] = "$path does not show where it stands among the stages";
        }
    }
    $browser->close();
    expect($wide)->toBe([]);
});
