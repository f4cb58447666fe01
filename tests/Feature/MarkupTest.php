<?php

declare(strict_types=1);

use App\Models\Job;
use Symfony\Component\DomCrawler\Crawler;

/*
 * The markup of every page against the standard of HTML and its rules for accessibility. Two rules are off: what the framework
 * itself puts into a hidden token ("autocomplete"), and the check of files by their hash, which none of our own needs.
 */

/**
 * A form whose answer brings parts, and which says what it showed, stands in one of them: else it would go on showing what it
 * showed before, and meet its own last change as if it were somebody else's.
 *
 * @return list<string>
 */
function formsLeftBehind(string $path, string $html): array
{
    $forms = (new Crawler($html))->filterXPath('//form[@data-parts][.//input[@name="was"]]');

    $isPart = fn (Crawler $form): bool => $form->ancestors()->filterXPath('node()[@data-print]')->count() > 0;

    return array_values(array_filter($forms->each(fn (Crawler $form): string => $isPart($form) ? '' : "$path: #{$form->attr('id')}")));
}

it('is without an error on every page', function () {
    $user = $this->demo();
    $folder = sys_get_temp_dir().'/underpin-markup-'.bin2hex(random_bytes(4));
    mkdir($folder);
    $left = [];
    $keep = function (string $path) use ($folder, &$left): void {
        $answer = $this->get($path)->assertOk();
        array_push($left, ...formsLeftBehind($path, (string) $answer->getContent()));
        file_put_contents($folder.'/'.trim((string) preg_replace('/[^a-z0-9]+/', '-', $path), '-').'.html', $answer->getContent());
    };
    foreach (['/sign-in', '/forgotten-password', '/new-password/x?email=a'] as $path) {
        $keep($path);
    }
    $this->actingAs($user);
    foreach (['Kestrel Gap goat dairy', 'Lake Ansgar lodge', 'Harrow Lane, as found'] as $i => $name) {
        $id = Job::query()->where('name', $name)->firstOrFail()->id;
        foreach ([
            'survey', 'survey?at=c5', 'survey?panel=main&space=42', 'loads', 'loads?at=c5', 'grid', 'size',
            'size?beside_badger-95-propane=1&beside_badger-120-gasoline=1', 'connect', 'wire', 'place-and-fuel', 'price-and-papers',
            'install', 'prove', 'run', 'keep', 'schedule', 'demand', 'recordings', 'intervals', 'schools', 'meter', 'outage',
            'card', 'rehearsal',
            'rules',
        ] as $page) {
            if ($i === 0 || in_array($page, ['survey', 'size', 'connect', 'run', 'keep'], true)) {
                $keep("/jobs/$id/$page");
            }
        }
    }
    foreach ([
        '/', '/?q=nothing-like-it', '/account', '/account/two-steps', '/people', '/catalogue', '/local-rules', '/local-rules/new',
        '/library/new', '/machines/new', '/prices', '/help', '/removed',
    ] as $path) {
        $keep($path);
    }
    expect($left)->toBe([])->and(count((array) glob("$folder/*.html")))->toBeGreaterThan(45);
    $root = base_path();
    exec("cd $root && node node_modules/.bin/html-validate --config .htmlvalidate.json -f json $folder/*.html", $said);
    exec("rm -rf $folder");
    $read = json_decode(implode("\n", $said), true);
    $errors = [];
    foreach (is_array($read) ? $read : ['nothing was looked at'] as $file) {
        foreach ($file['messages'] ?? [$file] as $each) {
            $errors[] = is_array($each) ? basename($file['filePath'])." $each[line]: $each[ruleId], $each[message]" : $each;
        }
    }
    expect(array_slice($errors, 0, 12))->toBe([]);
});
