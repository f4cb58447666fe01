<?php

declare(strict_types=1);

namespace Tests\Core\ScheduleTest;

use Tests\Support\Houses;
use Underpin\Csv\CsvText;
use Underpin\Csv\Number;
use Underpin\Exchange\Schedule\RowFault;
use Underpin\Exchange\Schedule\ScheduleReader;
use Underpin\Exchange\Schedule\ScheduleWriter;
use Underpin\Job\Half;
use Underpin\Job\LoadKind;
use Underpin\Job\Panel;
use Underpin\Job\Protection;
use Underpin\Job\Role;
use Underpin\Refused;

/** @return list<string> "row column" of each fault */
function placesOf(array $faults): array
{
    return array_map(fn (RowFault $f) => "$f->row $f->column", $faults);
}

it('reads headings in any order and case, and names what it does not know', function () {
    $reading = ScheduleReader::read("CIRCUIT, Amps ,SPACE,Running Watts,Colour\nWell,20,5-7,1100,red\n");
    $circuit = $reading->panels[0]->circuits[0];
    expect([$circuit->name, $circuit->breakerAmps, $circuit->position->poles, $circuit->loads[0]->runW])->toBe(['Well', 20, 2, 1100.0])
        ->and($reading->ignoredColumns)->toBe(['Colour'])->and($reading->faults)->toBe([])->and($circuit->role)->toBe(Role::Off);
});

it('reads what spreadsheets write', function (string $text) {
    $reading = ScheduleReader::read($text);
    $circuit = $reading->panels[0]->circuits[0];
    expect($reading->faults)->toBe([])
        ->and([$circuit->name, $circuit->loads[0]->runW, $circuit->loads[0]->pf])->toBe(['Café pump', 1920.0, 0.98]);
})->with([
    'comma' => ["space,amps,circuit,load,run_w,pf\r\n5,20,Café pump,x,\"1,920\",0.98\r\n"],
    'semicolon, decimal comma' => ["space;amps;circuit;load;run_w;pf\n5;20;Café pump;x;1 920;0,98\n"],
    'tab' => ["space\tamps\tcircuit\tload\trun_w\tpf\n5\t20\tCafé pump\tx\t1'920\t.98"],
    'byte-order mark and blank lines' => [
        "\u{FEFF}\r\nspace,amps,circuit,load,run_w,pf\r\n\r\n,,,,,\r\n5,20,\"Café pump\",x,1920 W,0.98\r\n",
    ],
    'old Mac lines' => ["space,amps,circuit,load,run_w,pf\r5,20,Café pump,x,1920,0.98\r"],
    'UTF-16' => [
        "\xFF\xFE".mb_convert_encoding("space\tamps\tcircuit\tload\trun_w\tpf\r\n5\t20\tCafé pump\tx\t1920\t0.98\r\n", 'UTF-16LE'),
    ],
    'Western Windows' => [mb_convert_encoding("space,amps,circuit,load,run_w,pf\n5,20,Café pump,x,1920,0.98\n", 'Windows-1252')],
]);

it('makes one circuit of the rows of one space', function () {
    $reading = ScheduleReader::read("panel,space,amps,circuit,role,load,kind,run_w\nA,4,20,Kitchen,must,Fridge,refrigeration,150\n"
        ."A,4,,,,Kettle,cooking,1200\nB,4,15,Hall,,Lamp,lighting,10\n");
    expect($reading->panels)->toHaveCount(2)->and($reading->panels[0]->circuits)->toHaveCount(1)
        ->and(array_map(fn ($l) => $l->kind, $reading->panels[0]->circuits[0]->loads))->toBe([LoadKind::Refrigeration, LoadKind::Cooking]);
});

it('lists every fault by row and column, and keeps the good rows', function () {
    $reading = ScheduleReader::read(<<<'CSV'
        space,poles,amps,circuit,protection,role,load,kind,run_w,start_w,pf
        5,2,20,Pump,none,must,Pump,pump,1000,4000,0.8
        7,1,15,On top,none,off,,,,,
        5,2,30,Other pump,none,off,,,,,
        9,3,20,Three poles,none,off,,,,,
        41,2,20,Off the end,none,off,,,,,
        11,1,twenty,No amps,none,off,,,,,
        13,1,20,Role,none,maybe,,,,,
        15,1,20,Watt,none,off,Load,other,-5,,
        17,1,20,Start,none,off,Load,other,100,50,
        19,1,20,Kind,xyz,off,Load,spaceship,100,,1.5
        12a,1,15,Upper,AFCI,room,,,,,
        12b,1,15,Lower,dual,room,,,,,
        12,1,15,Whole,none,room,,,,,
        ,1,15,Nowhere,none,room,,,,,
        CSV);
    expect(placesOf($reading->faults))->toBe([
        '3 space', '4 space', '5 poles', '6 space', '7 amps', '8 role', '9 run_w', '10 start_w', '11 kind', '11 pf', '11 protection',
        '14 space', '15 space',
    ])->and($reading->goodRows)->toBe(3)->and($reading->badRows)->toBe(11);
    $kept = $reading->panels[0]->circuits;
    expect(array_map(fn ($c) => $c->label(), $kept))->toBe(['5–7', '12a', '12b'])
        ->and($kept[1]->protection)->toBe(Protection::Afci)
        ->and($kept[2]->position->half)->toBe(Half::Lower);
});

it('measures the end of the panel by the panel itself where it is known', function () {
    $known = new Panel('p', 'Garage', 12, circuits: [Houses::circuit('1', 1, Role::Off)]);
    $csv = "panel,space,amps,circuit\ngarage,13,20,Too far\ngarage,11,20,Fits\n";
    $reading = ScheduleReader::read($csv, [$known]);
    expect(placesOf($reading->faults))->toBe(['2 space'])
        ->and($reading->panels[0]->name)->toBe('Garage')
        ->and($reading->panels[0]->spaces)->toBe(12);
});

it('gives back what came in', function () {
    $first = ScheduleReader::read(Houses::schedule42());
    expect($first->faults)->toBe([])->and(count($first->panels[0]->circuits))->toBe(36)->and($first->panels[0]->spaces)->toBe(42);
    $csv = ScheduleWriter::write($first->panels);
    $again = ScheduleReader::read($csv);
    expect(ScheduleWriter::write($again->panels))->toBe($csv)->and($again->faults)->toBe([])
        ->and(count($again->panels[0]->circuits[3]->loads))->toBe(count($first->panels[0]->circuits[3]->loads));
});

it('writes no cell that a spreadsheet would run, and reads it back as it was', function (string $name) {
    $csv = ScheduleWriter::write([new Panel('p', 'P', 8, circuits: [Houses::circuit('1', 1, Role::Off, name: $name)])]);
    foreach (CsvText::rows($csv)[1][1] as $cell) {
        expect($cell)->not->toMatch('/^[=+\-@\t\r]/');
    }
    expect(ScheduleReader::read($csv)->panels[0]->circuits[0]->name)->toBe($name);
})->with(['=1+1', '+SUM(A1)', '-2', '@x', "'quoted", 'a "b", c; d', '=HYPERLINK("x")']);

it('refuses what is no schedule', function (string $bytes) {
    expect(fn () => ScheduleReader::read($bytes))->toThrow(fn (Refused $refused) => expect($refused->field)->toBe('file'));
})->with([
    'empty' => [''], 'blank' => ["\n\n ,,\n"], 'no space column' => ["circuit,amps\nx,20\n"], 'binary' => ["PK\x03\x04\x00\x00space,amps"],
    'huge' => [str_repeat('space,amps,circuit'."\n", 120_000)], 'too many rows' => ["space,amps\n".str_repeat("1,20\n", 2001)],
    'huge cell' => ["space,circuit\n1,".str_repeat('x', 3000)],
]);

it('survives any bytes at all', function (int $seed) {
    mt_srand($seed);
    $bytes = "space,poles,amps,circuit\n";
    for ($i = 0; $i < 300; $i++) {
        $bytes .= mt_rand(0, 3)
            ? ['"', ',', "\n", '12a', '5-7', '999999999999', "\r", ';', '-', 'é'][mt_rand(0, 9)]
            : chr(mt_rand(32, 255));
    }
    try {
        expect(ScheduleReader::read($bytes)->goodRows)->toBeGreaterThanOrEqual(0);
    } catch (Refused $refused) {
        expect($refused->field)->toBe('file');
    }
})->with(range(1, 40));

it('reads numbers as people write them', function (string $text, ?float $number) {
    expect(Number::read($text))->toBe($number);
})->with([['1,920', 1920.0], ['0,98', 0.98], ['1,234,567.5', 1234567.5], ['12,5', 12.5], ['1 920', 1920.0], ['-5', -5.0], ['20 A', 20.0],
    ['1e5', null], ['', null], ['abc', null], ['1,2,3', null]]);

it('takes blanks off a cell and no part of a letter', function (string $cell, string $meant) {
    expect(CsvText::meant($cell))->toBe($meant);
})->with([
    ['  Hall ', 'Hall'], ["\u{A0}Hall\u{A0}", 'Hall'], ["Voilà\t", 'Voilà'], ['Šà', 'Šà'], ["\u{FEFF}Ckt", 'Ckt'], ["'=1", '=1'],
    ['Âge', 'Âge'],
]);

it('writes a table that is read back with every row on its line', function () {
    $text = "\n\nckt;bkr;name\n1;20;\"Hall\nup; \"\"old\"\"\"\n\n\n2;15;Bath, down\n";
    $table = CsvText::table($text);
    expect(CsvText::table(CsvText::write($table)))->toEqual($table)->and(array_column($table->rows, 0))->toBe([3, 4, 8]);
});
