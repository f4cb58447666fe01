<?php

declare(strict_types=1);

const LONGEST_LINE = 140;

it('has one thought to a line', function () {
    $root = dirname(__DIR__, 2);
    $long = [];
    $looked = 0;
    foreach (
        [
            'app', 'core', 'database', 'routes', 'config', 'bootstrap/app.php', 'tests', 'resources/js', 'resources/css', 'vite.config.js',
        ] as $place
    ) {
        $files = is_dir("$root/$place")
            ? new RecursiveIteratorIterator(new RecursiveDirectoryIterator("$root/$place", FilesystemIterator::SKIP_DOTS))
            : ["$root/$place"];
        foreach ($files as $file) {
            if (preg_match('/(?<!\.blade)\.(php|js|scss)$/', (string) $file) !== 1) {
                continue;
            }
            $looked++;
            foreach (file((string) $file) as $i => $line) {
                if (mb_strlen(rtrim($line, "\n")) > LONGEST_LINE) {
                    $long[] = substr((string) $file, strlen($root) + 1).':'.($i + 1);
                }
            }
        }
    }
    expect($long)->toBe([])->and($looked)->toBeGreaterThan(400);
});

it('makes no CSS class from a value, and zooms nothing', function () {
    $root = dirname(__DIR__, 2).'/resources';
    $made = [];
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator("$root/views", FilesystemIterator::SKIP_DOTS)) as $file) {
        preg_match_all('/class="[^"]*\w-\{\{[^"]*"/', (string) file_get_contents((string) $file), $found);
        array_push($made, ...array_filter($found[0], fn (string $class): bool => ! str_contains($class, 'level-key-{{ $i }}')));
    }
    $zoomed = array_filter(
        glob("$root/css/*.scss"), fn (string $file): bool => preg_match('/[^-]\bzoom:/', (string) file_get_contents($file)) === 1,
    );
    expect($made)->toBe([])->and($zoomed)->toBe([]);
});

it('computes no geometry in a page', function () {
    $computed = [];
    $views = dirname(__DIR__, 2).'/resources/views';
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($views, FilesystemIterator::SKIP_DOTS)) as $file) {
        preg_match_all(
            '/ (viewBox|x|y|x1|x2|y1|y2|cx|cy|r|d|points|transform)="[^"]*\{\{[^"]*"/',
            (string) file_get_contents((string) $file), $found,
        );
        array_push($computed, ...$found[0]);
    }
    expect($computed)->toBe([]);
});

it('names in a page only what there is', function () {
    $views = dirname(__DIR__, 2).'/resources/views';
    $named = [];
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($views, FilesystemIterator::SKIP_DOTS)) as $file) {
        preg_match_all('/\b((?:Underpin|App)(?:\\\\\w+)+)::(\w+)/', (string) file_get_contents((string) $file), $found, PREG_SET_ORDER);
        foreach ($found as [$name, $class, $member]) {
            $named[$name] = in_array($member, ['class', 'onlyTrashed'], true)
                || defined("$class::$member") || method_exists($class, $member);
        }
    }
    expect(array_keys($named, false, true))->toBe([])->and(count($named))->toBeGreaterThan(100);
});

it('has no style for what no page has', function () {
    $root = dirname(__DIR__, 2);
    $styles = implode("\n", array_map(file_get_contents(...), glob("$root/resources/css/*.scss") ?: []));
    preg_match_all('/\.([a-z][a-z0-9-]{2,})(?=[\s,:{.\[>)])/', $styles, $classes);
    $used = '';
    foreach (['core', 'app', 'resources/views', 'resources/js'] as $folder) {
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator("$root/$folder", FilesystemIterator::SKIP_DOTS)) as $file) {
            $used .= file_get_contents($file->getPathname());
        }
    }
    // Those of packages, which set them themselves.
    $theirs = ['is-loading', 'is-multiple', 'u-cursor-x', 'u-over'];
    $dead = array_filter(array_unique($classes[1]), fn (string $class): bool => ! in_array($class, $theirs, true)
        && preg_match('/(?<![\w-])'.preg_quote($class, '/').'(?![\w-])/', $used) !== 1);
    expect(array_values($dead))->toBe([])->and(count($classes[1]))->toBeGreaterThan(500);
});

it('leaves what is in a fold in the way of the Tab key', function () {
    // A fold with a tabindex below nought takes all of its fields out of the order of Tab.
    $views = '';
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__, 2).'/resources/views')) as $file) {
        $views .= $file->isFile() ? file_get_contents($file->getPathname()) : '';
    }
    expect(preg_match_all('/<details\b/', $views))->toBeGreaterThan(40)
        ->and(preg_match_all('/<details\b[^>]*tabindex="-1"/', $views))->toBe(0);
});
