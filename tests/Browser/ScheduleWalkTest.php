<?php

declare(strict_types=1);

use Tests\Support\Browser;

beforeEach(function () {
    $this->browser = Browser::open()->signIn();
    $this->folder = sys_get_temp_dir().'/underpin-sheets-'.bin2hex(random_bytes(4));
    mkdir($this->folder);
    // As a person would have it: a title, two sides, a pair that the spreadsheet has made a date of.
    $this->workbook = function (string $name): string {
        $path = "$this->folder/$name";
        $script = <<<'JS'
            import('@e965/xlsx').then((XLSX) => {
                const well = process.argv[1].endsWith('ods') ? '9-Nov' : { t: 'n', v: 46335, z: 'd-mmm' };
                const rows = [['Panel schedule'],
                    ['Ckt', 'Serves', 'Bkr', 'Watts', 'Bkr', 'Serves', 'Ckt'],
                    [1, 'Kitchen', '20/1', { t: 'n', v: 1920, z: '#,##0' }, '2P-30', 'Dryer', 2],
                    [3, 'Bath / Hall', '15/20', null, null, null, 4],
                    ['5,7', 'Range', 50, null, null, 'SPACE', 6]];
                const sheet = XLSX.utils.aoa_to_sheet(rows);
                XLSX.utils.sheet_add_aoa(sheet, [[well, 'Well', 30]], { origin: -1 });
                const book = XLSX.utils.book_new();
                XLSX.utils.book_append_sheet(book, sheet, 'Main');
                const fs = require('fs');
                fs.writeFileSync(process.argv[1], XLSX.write(book, { type: 'buffer', bookType: process.argv[1].split('.').pop() }));
            });
            JS;
        $root = escapeshellarg(dirname(__DIR__, 2));
        exec("cd $root && node -e ".escapeshellarg($script).' '.escapeshellarg($path).' 2>&1', $said, $code);
        expect($code)->toBe(0, implode("\n", $said));

        return $path;
    };
});

afterEach(function () {
    $this->browser->close();
    exec('rm -rf '.escapeshellarg($this->folder));
});

it('takes a workbook as it is, shows the board it makes, and takes nothing away that the sheet does not have', function (string $kind) {
    $b = $this->browser->begin("House of $kind");
    $path = dirname((string) strtok($b->path(), '?'));
    $b->visit("$path/schedule")->attach('#schedule-file', ($this->workbook)("panel.$kind"))->see('Its rows stand below');
    $b->click('#schedule-form button')->see('was taken as spaces 9–11')->see('Main panel: 6 breakers')->see('Kitchen 1920 W');
    expect($b->has('.sheet-made [data-layer="breakers"]'))->toBeTrue()->and($b->has('.mend'))->toBeFalse();
    $b->click('#take-form button')->see('The schedule is in: 6 circuits');
    $b->find('.breaker[data-space="9"]');

    // The next sheet has one circuit of it, under another rating, and no roles: the mark stays, and so do the others.
    $b->click('.breaker[data-space="1"]')->see('1 · Kitchen')->press('1');
    $b->find('.breaker[data-space="1"][data-role="must"]');
    $b->visit("$path/schedule")->type('#pasted', "ckt,name,bkr\n1,Kitchen,15\n")->click('#schedule-form button');
    $b->see('Kitchen 20 A, must run')->see('Kitchen 15 A, must run')->see('5 circuits stay as they are')->click('#take-form button');
    $b->see('The schedule is in: 6 circuits')->find('.breaker[data-space="1"][data-role="must"]');
    expect($b->complaints())->toBe([]);
})->with(['xlsx', 'ods']);

it('mends a row in its place', function () {
    $b = $this->browser->begin('Mended house');
    $b->visit(dirname((string) strtok($b->path(), '?')).'/schedule')->type('#pasted', "ckt,name,bkr\n1,Kitchen,twenty\n3,Bath,15\n");
    $b->click('#schedule-form button')->see('Row 2')->type('#cell-2-2', '20/1')->click('#mend-form button')->see('2 breakers');
    expect($b->has('.mend'))->toBeFalse();
    $b->click('#take-form button')->see('The schedule is in: 2 circuits');
    expect($b->complaints())->toBe([]);
});

it('takes columns for what a person says, and a panel the size that was chosen', function () {
    $b = $this->browser->begin('Tagged house', panel: true);
    // Words of this run alone: what was said of a column once is known again.
    $word = bin2hex(random_bytes(4));
    $sheet = "Tag $word,Trip,Zone $word\n20,15,Kitchen\n60,20,Bath\n";
    $b->visit(dirname((string) strtok($b->path(), '?')).'/schedule')->type('#pasted', $sheet)->click('#schedule-form button');
    $b->see('Nothing in it is a panel schedule')->choose('#column-0', 'space')->choose('#column-2', 'name')->click('#mend-form button');
    $b->see('with 42 spaces the rows beyond are left out')->choose('#spaces-0', '60')->click('#sizes-form button');
    $b->see('Main panel: 2 breakers in 60 spaces')->click('#take-form button')->see('The schedule is in: 2 circuits');
    expect($b->complaints())->toBe([]);
});
