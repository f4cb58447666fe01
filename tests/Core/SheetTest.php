<?php

declare(strict_types=1);

namespace Tests\Core\SheetTest;

use App\Bench\SpoiledSheets;
use Tests\Support\Houses;
use Underpin\Exchange\Schedule\RowFault;
use Underpin\Exchange\Schedule\ScheduleReader;
use Underpin\Exchange\Schedule\ScheduleWriter;
use Underpin\Exchange\Schedule\Sheet\BreakerCell;
use Underpin\Exchange\Schedule\Sheet\Meaning;
use Underpin\Exchange\Schedule\Sheet\RowDoubt;
use Underpin\Exchange\Schedule\Sheet\SheetChoices;
use Underpin\Exchange\Schedule\Sheet\SheetCircuit;
use Underpin\Exchange\Schedule\Sheet\SheetReader;
use Underpin\Exchange\Schedule\Sheet\SpaceCell;
use Underpin\Job\Circuit;
use Underpin\Job\Panel;
use Underpin\Refused;

/** @return list<string> "5–7 30 Dryer", with protection and role where the sheet says them */
function circuits(string $sheet): array
{
    $reading = SheetReader::read($sheet);

    return array_map(fn (SheetCircuit $c): string => trim(implode(' ', array_filter([
        $c->label(), $c->amps ?? '?', $c->name, $c->protection->value === 'none' ? '' : $c->protection->value, $c->role?->value,
    ]))), $reading->panels[0]['circuits'] ?? []);
}

it('takes a sheet as people type it', function (string $sheet, array $circuits) {
    expect(SheetReader::read($sheet)->faults)->toBe([])->and(circuits($sheet))->toBe($circuits);
})->with([
    'a type that is a build' => [
        "No.;Type;Trip;Location\n12A/12B;Tandem;15/20;Den / Porch\n14;AFCI;20;Bed\n", ['12a 15 Den', '12b 20 Porch', '14 20 Bed afci'],
    ],
    'plain heads' => ["Circuit,Description,Breaker\n1,Kitchen,20\n2,Bath,15\n", ['1 20 Kitchen', '2 15 Bath']],
    'circuit # and trip' => ["Circuit #;Load Served;Trip\n1;Kitchen;20A\n5-7;Dryer;30 A\n", ['1 20 Kitchen', '5–7 30 Dryer']],
    'ckt no, serves, bkr' => ["Ckt No.\tServes\tBkr\n3\tDen\t15\n", ['3 15 Den']],
    'pos, location, size, poles' => ["Pos,Location,Size (A),Poles\n1,Range,50,2\n2,Hall,15,1\n", ['1–3 50 Range', '2 15 Hall']],
    'titles above' => [
        "Panel schedule,,\nMain house,,\n\"Fed from meter, 200 A\",,\nCKT,DESCRIPTION,AMPS\n1,Kitchen,20\n", ['1 20 Kitchen'],
    ],
    'poles within the rating' => ["ckt,bkr,name\n1,20/1,Hall\n2,30/2,Dryer\n", ['1 20 Hall', '2–4 30 Dryer']],
    'poles before the rating' => [
        "ckt,bkr,name\n1,1P-20,Hall\n2,2P-30,Dryer\n6,2P 50A,Range\n",
        ['1 20 Hall', '2–4 30 Dryer', '6–8 50 Range'],
    ],
    'poles behind the rating' => ["ckt,bkr,name\n1,20A 1P,Hall\n2,30A/2P,Dryer\n", ['1 20 Hall', '2–4 30 Dryer']],
    'a column of 1P and 2P' => ["No,Type,Amps,Name\n1,1P,20,Hall\n2,2P,30,Dryer\n", ['1 20 Hall', '2–4 30 Dryer']],
    'breaker is the poles where amps is there' => ["No,Breaker,Amps,Name\n1,1P,20,Hall\n2,2P,30,Dryer\n", ['1 20 Hall', '2–4 30 Dryer']],
    'tandem in one space' => [
        "ckt,bkr,name\n12,15/20,Bath / Hall\n14,20/20,Shop\n",
        ['12a 15 Bath', '12b 20 Hall', '14a 20 Shop', '14b 20 Shop'],
    ],
    'tandem in one cell' => ["ckt,bkr,name\n12A/12B,15,Bath/Hall\n", ['12a 15 Bath', '12b 15 Hall']],
    'halves in rows' => ["ckt,bkr,name\n12a,15,Bath\n12B,20,Hall\n", ['12a 15 Bath', '12b 20 Hall']],
    'protection in the rating' => [
        "ckt,bkr,name\n1,15 AFCI,Bed\n2,20 GFCI,Bath\n3,20A DF,Kitchen\n4,20 GFI,Yard\n",
        ['1 15 Bed afci', '2 20 Bath gfci', '3 20 Kitchen dual', '4 20 Yard gfci'],
    ],
    'type is a protection' => ["ckt,bkr,name,type\n1,15,Bed,AFCI\n2,20,Hall,standard\n", ['1 15 Bed afci', '2 20 Hall']],
    'pairs by comma, ampersand and dash' => [
        "ckt,bkr,name\n\"1,3\",30,Dryer\n2 & 4,40,Range\n5–7,20,Pump\n6/8,20,Well\n",
        ['1–3 30 Dryer', '2–4 40 Range', '5–7 20 Pump', '6–8 20 Well'],
    ],
    'spare and space and blank rows' => [
        "ckt,bkr,name\n1,20,SPARE\n2,,SPARE\n3,,SPACE\n4,,\n5,-,Space\n6,20,Hall\n,,\n", ['1 20 SPARE', '6 20 Hall'],
    ],
    'two sides' => [
        "Ckt,Description,Amps,Amps,Description,Ckt\n1,Kitchen,20,15,Bath,2\n3,Den,15,20,Hall,4\n",
        ['1 20 Kitchen', '2 15 Bath', '3 15 Den', '4 20 Hall'],
    ],
    'two sides, amps on both outsides' => [
        "Amps,Serves,Circuit,Circuit,Serves,Amps\n20,Kitchen,1,2,Bath,15\n,,3,4,Hall,20\n", ['1 20 Kitchen', '2 15 Bath', '4 20 Hall'],
    ],
    'two sides, one after the other' => [
        "No,Load,Bkr,No,Load,Bkr\n1,Kitchen,20,2,Bath,15\n3,Range,50/2,4,Hall,20\n5,Range,,6,Den,15\n",
        ['1 20 Kitchen', '2 15 Bath', '3–5 50 Range', '4 20 Hall', '6 15 Den'],
    ],
    'no heads at all' => ["1,Kitchen,20\n2,Bath,15\n3,Den,20\n4,Hall,15\n", ['1 20 Kitchen', '2 15 Bath', '3 20 Den', '4 15 Hall']],
    'no heads, two sides' => [
        "1,Kitchen,20,15,Bath,2\n3,Den,15,20,Hall,4\n5,Shop,20,20,Yard,6\n",
        ['1 20 Kitchen', '2 15 Bath', '3 15 Den', '4 20 Hall', '5 20 Shop', '6 20 Yard'],
    ],
    'a two-pole in two rows' => ["ckt,poles,bkr,name\n1,2,30,Dryer\n3,2,30,Dryer\n2,1,20,Hall\n", ['1–3 30 Dryer', '2 20 Hall']],
    'a two-pole whose second row is merged away' => [
        "ckt,poles,bkr,name\n1,2,30,Dryer\n3,,,\n5,1,20,Hall\n",
        ['1–3 30 Dryer', '5 20 Hall'],
    ],
    'told its delimiter' => ["sep=;\nckt;bkr;name\n1;20;Hall, upstairs\n", ['1 20 Hall, upstairs']],
    'quoted line breaks' => ["ckt,bkr,name\n1,20,\"Hall\nupstairs\"\n2,15,Bath\n", ["1 20 Hall\nupstairs", '2 15 Bath']],
    'UTF-16 that does not say so' => [mb_convert_encoding("ckt\tbkr\tname\n1\t20\tCafé\n", 'UTF-16LE', 'UTF-8'), ['1 20 Café']],
    'Western Windows' => [mb_convert_encoding("ckt,bkr,name\n1,20,Café\n", 'Windows-1252', 'UTF-8'), ['1 20 Café']],
    'circuit is a name beside a number' => ["space,amps,circuit,role\n1,20,Hall,must\n2,20,Den,\n", ['1 20 Hall must', '2 20 Den']],
    'circuit beside a number and a description' => ["space,circuit,description,amps\n1,C-1,Hall,20\n", ['1 20 Hall']],
    'no ratings' => ["ckt,name\n1,Hall\n2,Den\n", ['1 ? Hall', '2 ? Den']],
    'a sum below' => ["ckt,bkr,name\n1,20,Hall\n,,Total connected load 12 kW\nChecked by R. Vole,,\n", ['1 20 Hall']],
]);

it('takes a spreadsheet\'s date for the pair that was typed, and asks to look', function (string $cell, string $label) {
    $reading = SheetReader::read("ckt,bkr,name\n$cell,30,Dryer\n1,20,Hall\n");
    expect($reading->panels[0]['circuits'][1]->label())->toBe($label)
        ->and(array_map(fn (RowDoubt $d): int => $d->row, $reading->doubts))->toBe([2])
        ->and($reading->doubts[0]->message)->toContain($cell)->and($reading->faults)->toBe([]);
})->with([['9-Nov', '9–11'], ['11-Sep', '9–11'], ['Nov-9', '9–11'], ['10-Dec', '10–12'], ['5-Mar', '3–5'], ['2026-11-09', '9–11']]);

it('says by row and column what it does not take, and takes the rest', function (string $sheet, string $fault, array $rest) {
    $reading = SheetReader::read($sheet);
    expect(array_map(fn (RowFault $f): string => "$f->row $f->column", $reading->faults))->toBe([$fault])
        ->and(circuits($sheet))->toBe($rest);
})->with([
    'a rating in words' => ["ckt,bkr,name\n1,twenty,Hall\n2,15,Den\n", '2 amps', ['2 15 Den']],
    'three poles' => ["ckt,bkr,name\n1,30/3,Chiller\n2,15,Den\n", '2 poles', ['2 15 Den']],
    'no space' => ["ckt,bkr,name\n,20,Hall\n2,15,Den\n", '2 space', ['2 15 Den']],
    'no such space' => ["ckt,bkr,name\n99,20,Hall\n2,15,Den\n", '2 space', ['2 15 Den']],
    'a pair that is none' => ["ckt,bkr,name\n1-9,20,Hall\n2,15,Den\n", '2 space', ['2 15 Den']],
    'one pole in two spaces' => ["ckt,poles,bkr,name\n1-3,1,20,Hall\n2,1,15,Den\n", '2 poles', ['2 15 Den']],
    'a space twice' => ["ckt,bkr,name\n2,15,Den\n2,20,Other\n", '3 space', ['2 15 Den']],
    'over a two-pole' => ["ckt,bkr,name\n2-4,30,Dryer\n4,20,Other\n", '3 space', ['2–4 30 Dryer']],
    'a protection that is none' => ["ckt,bkr,name,protection\n1,20,Hall,magic\n2,15,Den,\n", '2 protection', ['2 15 Den']],
    'watts beyond any load' => ["ckt,bkr,name,watts\n1,20,Hall,841100\n2,15,Den,\n", '2 run_w', ['2 15 Den']],
    'a power factor over 1' => ["ckt,bkr,name,pf\n1,20,Hall,1.5\n2,15,Den,\n", '2 pf', ['2 15 Den']],
    'watts with another mark' => ["ckt,bkr,name,watts\n1,20,Hall,\"0,5\"\n2,15,Den,0.5\n", '3 run_w', ['1 20 Hall']],
    'watts that may be two numbers' => ["ckt\tbkr\tname\twatts\n1\t20\tHall\t1,920\n2\t15\tDen\t\n", '2 run_w', ['2 15 Den']],
    'a start below the run' => ["ckt,bkr,name,load,run w,start w\n1,20,Hall,Fan,100,50\n2,15,Den,,,\n", '2 start_w', ['2 15 Den']],
]);

it('says what it took every column for, also one that holds two things', function (string $sheet, array $columns) {
    expect(SheetReader::read($sheet)->columns)->toBe($columns);
})->with([
    [["ckt,bkr,name\n1,20/1,Hall\n"][0], ['space', 'amps+poles', 'name']],
    [["ckt,bkr,name\n1,2P-30,Hall\n"][0], ['space', 'poles+amps', 'name']],
    [["ckt,colour,bkr,circuit\n1,red,15 AFCI,Hall\n"][0], ['space', null, 'amps+protection', 'name']],
    [["Circuit,Load\n1,Hall\n"][0], ['space', 'name']],
    [["Circuit,Name,Load\n1,Hall,Lamp\n"][0], ['space', 'name', 'load']],
]);

it('keeps the loads of a circuit, a row each, and panels apart', function () {
    $reading = SheetReader::read("panel,space,amps,circuit,load,kind,run_w,start_w,pf\n"
        ."Main,4,20,Kitchen,Fridge,refrigeration,150,1200,0.9\n"
        ."main,4,,,Kettle,cooking,\"1,200\",,\nBarn,4,15,Lights,,,,,\n");
    expect($reading->faults)->toBe([])->and(array_column($reading->panels, 'name'))->toBe(['Main', 'Barn'])
        ->and($reading->panels[0]['circuits'][0]->toArray()['loads'])->toBe([
            ['name' => 'Fridge', 'kind' => 'refrigeration', 'run_w' => 150.0, 'start_w' => 1200.0, 'pf' => 0.9],
            ['name' => 'Kettle', 'kind' => 'cooking', 'run_w' => 1200.0, 'start_w' => null, 'pf' => null],
        ]);
});

it('reads what the app itself writes', function () {
    $written = ScheduleWriter::write(ScheduleReader::read(Houses::schedule42())->panels);
    $reading = SheetReader::read($written);
    expect($reading->faults)->toBe([])->and($reading->doubts)->toBe([])->and($reading->panels[0]['circuits'])->toHaveCount(36);
});

it('knows columns under words that mean nothing by what is in them', function () {
    $reading = SheetReader::read("LP-1,,\nTag,Wire,Zone\n1,20/1,Kitchen\n3,15/1,Bath\n5-7,30/2,Well\n");
    expect($reading->faults)->toBe([])->and($reading->columns)->toBe(['space', 'amps+poles', 'name'])
        ->and(array_map(fn (SheetCircuit $c): string => $c->label(), $reading->panels[0]['circuits']))->toBe(['1', '3', '5–7'])
        ->and($reading->sheetColumns[2]->word)->toBe('Zone')->and($reading->sheetColumns[2]->samples)->toBe(['Kitchen', 'Bath', 'Well']);
});

it('takes columns for what a person says, before what their words mean', function () {
    $csv = "Ckt,Load,Serves,Amps\n1,20,Pump,7\n";
    $said = new SheetChoices([1 => Meaning::Amps, 3 => null]);
    $found = SheetReader::read($csv);
    $chosen = SheetReader::read($csv, $said);
    expect($found->columns)->toBe(['space', 'load', 'name', 'amps'])->and($chosen->columns)->toBe(['space', 'amps', 'name', null])
        ->and($chosen->panels[0]['circuits'][0]->amps)->toBe(20);
    $known = SheetReader::read($csv, new SheetChoices(words: ['load' => Meaning::Note, 'amps' => null, 'serves' => Meaning::Amps]));
    expect($known->columns)->toBe(['space', 'note', 'amps', null]);
});

it('refuses what is no schedule', function (string $sheet) {
    expect(fn () => SheetReader::read($sheet))->toThrow(fn (Refused $refused) => expect($refused->field)->toBe('file'));
})->with([
    'empty' => [''], 'a letter' => ["Dear Nell,\n\nthe panel is full.\nYours, T.\n"], 'binary' => ["PK\x03\x04\x00\x00"],
    'names alone' => ["name,colour\nHall,red\n"],
]);

it('never takes more from a spoiled sheet than is in it, and always answers', function (int $seed) {
    $bytes = SpoiledSheets::of($seed);
    try {
        $reading = SheetReader::read($bytes);
    } catch (Refused $refused) {
        expect($refused->field)->toBe('file');

        return;
    }
    foreach ($reading->panels as $panel) {
        $places = array_merge([], ...array_map(fn (SheetCircuit $c): array => $c->places(), $panel['circuits']));
        expect(count($places))->toBe(count(array_unique($places)));
    }
    // What can be read can be looked at and taken, and goes out and in again as it was.
    $taken = ScheduleReader::read($bytes);
    $again = ScheduleReader::read(ScheduleWriter::write($taken->panels));
    $facts = fn (array $panels): array => array_map(
        fn (Panel $panel): array => array_map(fn (Circuit $c): array => [$c->label(), $c->breakerAmps, $c->protection], $panel->circuits),
        $panels,
    );
    expect(json_encode($reading->toArray(), JSON_THROW_ON_ERROR))->toBeString()
        ->and(json_encode($reading->sheetColumns, JSON_THROW_ON_ERROR))->toBeString()
        ->and($facts($again->panels))->toBe($facts($taken->panels));
})->with(range(1, 300));

it('reads a space', function (string $cell, ?array $spaces) {
    expect(SpaceCell::read($cell)?->spaces())->toBe($spaces);
})->with([
    ['5', [5]], ['#5', [5]], ['Ckt 5', [5]], ['5.', [5]], ['84', [84]], ['85', null], ['0', null], ['5-7', [5, 7]], ['5 and 7', [5, 7]],
    ['5-6', null], ['5a-7b', [5, 7]], ['5a-7a', null], ['1-3-5', null], ['Hall', null], ['', null], ['9-Oct', null],
]);

it('reads a breaker', function (string $cell, ?array $amps, ?int $poles = null) {
    $breaker = BreakerCell::read($cell);
    expect($breaker?->amps)->toBe($amps)->and($breaker?->poles)->toBe($poles);
})->with([
    ['20', [20]], ['20A', [20]], ['20 amp', [20]], ['20/1', [20], 1], ['30/2', [30], 2], ['2/30', [30], 2], ['2P-30', [30], 2],
    ['1P', [], 1],
    ['2 pole', [], 2], ['DP', [], 2], ['15/20', [15, 20], 1], ['30-2P', [30], 2], ['20A-1P', [20], 1], ['2P 15/20', null], ['4', null],
    ['700', null], ['twenty', null], ['', null], ['3P-30', [30], 3],
]);
