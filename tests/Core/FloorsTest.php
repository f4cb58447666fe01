<?php

declare(strict_types=1);

use Tests\Support\Floors;
use Tests\Support\SourceFile;

it('has a floor for every folder of the core in the drawing, and no other', function () {
    $drawn = array_keys(Floors::drawn());
    $there = array_map(basename(...), (array) glob(dirname(__DIR__, 2).'/core/*', GLOB_ONLYDIR));
    sort($drawn);
    sort($there);
    expect($drawn)->toBe($there);
});

it('lets every folder of the core use only what stands on a lower floor', function () {
    expect(Floors::wrongArrows(Floors::drawn(), SourceFile::under('core')))->toBe([]);
});

it('draws no folder higher than it must stand', function () {
    $files = SourceFile::under('core');
    foreach (Floors::drawn() as $folder => $floor) {
        $lower = [...Floors::drawn(), $folder => $floor - 1];
        expect($floor === 0 || Floors::wrongArrows($lower, $files) !== [])->toBeTrue("$folder could stand a floor lower");
    }
});

it('sees an arrow that goes up, or to the side, and says which', function () {
    $files = [
        new SourceFile('core/Job/A.php', '<?php namespace Underpin\Job; use Underpin\Design\Design; final class A {}'),
        new SourceFile('core/Design/Design.php', '<?php namespace Underpin\Design; final class Design { public \Underpin\Job\A $a; }'),
        new SourceFile('core/Checks/B.php', '<?php namespace Underpin\Checks; /** @param \Underpin\Drawing\C $c */ final class B {}'),
        new SourceFile('core/Drawing/C.php', '<?php namespace Underpin\Drawing; final class C {}'),
    ];
    expect(Floors::wrongArrows(['Job' => 2, 'Design' => 7, 'Checks' => 8, 'Drawing' => 8], $files))->toBe([
        'Job (floor 2) uses Design (floor 7): core/Job/A.php',
        'Checks (floor 8) uses Drawing (floor 8): core/Checks/B.php',
    ]);
});

it('has words in the root of the core that use no folder', function () {
    foreach (SourceFile::under('core') as $file) {
        if (substr_count($file->path, '/') === 1) {
            expect(array_filter($file->names(), fn (string $name): bool => substr_count($name, '\\') > 1))->toBe([], $file->path);
        }
    }
});
