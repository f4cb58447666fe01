<?php

declare(strict_types=1);

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
