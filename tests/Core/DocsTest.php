<?php

declare(strict_types=1);

use Tests\Support\SourceFile;

it('names only classes that are there', function (string $file) {
    preg_match_all(
        '/`((?:App|Underpin)?\\\\?(?:[A-Z]\w+\\\\)+[A-Z]\w+)`/', (string) file_get_contents(dirname(__DIR__, 2)."/$file"), $found,
    );
    $isThere = function (string $name): bool {
        $folder = str_replace(['App\\', 'Underpin\\', '\\'], ['app/', 'core/', '/'], $name);

        return class_exists($name) || interface_exists($name) || enum_exists($name) || is_dir(dirname(__DIR__, 2)."/$folder");
    };
    $strange = array_filter($found[1], fn (string $name): bool => ! $isThere($name) && ! $isThere("Underpin\\$name"));
    expect($found[1])->not->toBeEmpty()->and(array_values($strange))->toBe([]);
})->with(['docs/architecture.md', 'docs/rules.md', 'docs/operations.md']);

it('lists every section that the core cites, and none that it does not', function () {
    $cited = [];
    foreach (SourceFile::under('core') as $file) {
        // One literal, or two of which a condition picks one.
        preg_match_all("/Source::nec\\((?:[^'()]* \\? )?'([^']+)'(?:[^')]*'([^']+)')?/", $file->code, $calls);
        foreach ([...$calls[1], ...array_filter($calls[2])] as $sections) {
            array_push($cited, ...explode(', ', $sections));
        }
    }
    $cited = array_values(array_unique(array_diff($cited, ['local amendment', 'informational notes'])));
    preg_match('/## Sections cited(.*)/s', (string) file_get_contents(dirname(__DIR__, 2).'/docs/rules.md'), $part);
    preg_match_all('/^\| ([^|]+) \| [^|]+ \| [^|]+ \|$/m', $part[1], $rows);
    $listed = array_values(array_diff($rows[1], ['section', '---']));
    sort($cited);
    sort($listed);
    expect($listed)->toBe($cited)->and(count($cited))->toBeGreaterThan(40);
});
