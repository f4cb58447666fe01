<?php

declare(strict_types=1);

namespace Tests\Core\IntervalTest;

use DateTimeImmutable;
use DateTimeZone;
use Tests\Support\Houses;
use Underpin\Checks\Review;
use Underpin\Exchange\JobFile;
use Underpin\Job\DemandInputs;
use Underpin\Job\DemandMethod;
use Underpin\Job\Dwelling;
use Underpin\Job\RecordedPeak;
use Underpin\Measure\Interval\CivilDay;
use Underpin\Measure\Interval\EspiFeed;
use Underpin\Measure\Interval\IntervalSeries;
use Underpin\Measure\Interval\LoadYear;
use Underpin\Measure\Interval\TableReader;
use Underpin\Measure\Interval\Zone;
use Underpin\Measure\ServiceLimit;
use Underpin\Refused;

function readTable(string $text, Zone $zone = Zone::Eastern, bool $whole = true): LoadYear
{
    $reader = new TableReader($zone, new IntervalSeries);
    $lines = explode("\n", trim($text));
    foreach ($lines as $i => $line) {
        $reader->row($i + 1, array_map(strval(...), str_getcsv($line, str_contains($line, ';') ? ';' : ',', '"', '')));
    }

    return $reader->finish(count($lines), $whole);
}

/** Local quarter hours of a few days, as a naive meter writes them. */
function naive(string $first, int $hours, int $minutes = 15, string $zone = 'America/New_York'): string
{
    $text = "Start,End,kWh\n";
    $at = new DateTimeImmutable($first, new DateTimeZone($zone));
    for ($i = 0; $i < $hours * 60 / $minutes; $i++) {
        $next = $at->setTimestamp($at->getTimestamp() + 60 * $minutes);
        $text .= $at->format('Y-m-d H:i').','.$next->format('Y-m-d H:i').",0.5\n";
        $at = $next;
    }

    return $text;
}

it('refuses what no service of this rating passes, by its row', function (?int $amps, string $kwh, ?string $said) {
    $reader = new TableReader(Zone::Eastern, new IntervalSeries, limit: new ServiceLimit($amps));
    foreach (['Start,kWh', '2026-01-05 10:00,1', "2026-01-05 10:15,$kwh", '2026-01-05 10:30,1'] as $i => $line) {
        $reader->row($i + 1, explode(',', $line));
    }
    $read = fn () => $reader->finish(4, true);
    $said === null
        ? expect($read()->peakW)->toBe(4000.0 * (float) $kwh)
        : expect($read)->toThrow(fn (Refused $refused) => expect([$refused->field, $refused->getMessage()])->toBe(['file', $said]));
})->with([
    'just within' => [200, '16.2', null],
    'just over' => [200, '16.21', 'Line 3 says a mean of 64,840 W, more than a service of 200 A can pass (64,800 W for a while). '
        .'Look at the unit and at the decimal mark. Nothing was kept.'],
    'sent out' => [200, '-16.21', 'Line 3 says a mean of 64,840 W, more than a service of 200 A can pass (64,800 W for a while). '
        .'Look at the unit and at the decimal mark. Nothing was kept.'],
    'a smaller service' => [100, '10', 'Line 3 says a mean of 40,000 W, more than a service of 100 A can pass (32,400 W for a while). '
        .'Look at the unit and at the decimal mark. Nothing was kept.'],
    'a larger one' => [400, '30', null],
    'the service is not known' => [null, '48', null],
    'beyond any' => [null, '1506', 'Line 3 says a mean of 6,024,000 W, more than any service up to 600 A can pass (194,400 W for a while). '
        .'Look at the unit and at the decimal mark. Nothing was kept.'],
]);

it('knows the calendar', function () {
    for ($day = 0; $day < 60_000; $day += 7) {
        [$year, $month, $ofMonth] = CivilDay::parts($day);
        expect(CivilDay::iso($day))->toBe(gmdate('Y-m-d', 86_400 * $day))->and(CivilDay::number($year, $month, $ofMonth))->toBe($day)
            ->and(CivilDay::weekday($day))->toBe((int) gmdate('N', 86_400 * $day) - 1);
    }
    expect(
        [
            CivilDay::number(2025, 2, 29), CivilDay::number(2024, 2, 29) !== null, CivilDay::number(2025, 13, 1),
            CivilDay::number(2025, 4, 31),
        ]
    )->toBe([null, true, null, null]);
});

it('knows local time as the zone tables do', function (Zone $zone, string $name, bool $saves) {
    $tables = new DateTimeZone($name);
    mt_srand(17);
    for ($i = 0; $i < 400; $i++) {
        $at = mt_rand(1_262_304_000, 2_000_000_000);
        expect($zone->offsetAt($at)[0])->toBe($tables->getOffset(new DateTimeImmutable("@$at")));
        $day = intdiv($at, 86_400);
        expect($zone->midnight($day))->toBe((new DateTimeImmutable(gmdate('Y-m-d', $at), $tables))->getTimestamp());
    }
    // From the second Sunday in March to the first in November, 2 a.m. local time (15 U.S.C. 260a).
    foreach ($saves ? ['2026-03-08 02:00', '2026-11-01 01:00'] : [] as $change) {
        $at = strtotime("$change UTC") - $zone->standardS();
        expect($zone->offsetAt($at - 1)[0])->not->toBe($zone->offsetAt($at)[0])->and($zone->offsetAt($at - 1)[1])->toBe($at);
    }
    expect($zone->standardS() === $zone->offsetAt(1_783_000_000)[0])->toBe(! $saves);
})->with([
    [Zone::Eastern, 'America/New_York', true], [Zone::Central, 'America/Chicago', true], [Zone::Mountain, 'America/Denver', true],
    [Zone::Arizona, 'America/Phoenix', false], [Zone::Pacific, 'America/Los_Angeles', true], [Zone::Alaska, 'America/Anchorage', true],
    [Zone::Hawaii, 'Pacific/Honolulu', false], [Zone::Atlantic, 'America/Puerto_Rico', false],
]);

it('reads the usual shapes of tables', function (string $text, float $peakW, string $at, int $seconds) {
    $year = readTable($text);
    expect($year->peakW)->toEqualWithDelta($peakW, 1e-6)
        ->and($year->local($year->peakAt))->toBe($at)
        ->and($year->seconds)->toBe($seconds)
        ->and($year->missing)->toBe(0);
})->with([
    'start and end, kWh' => [
        "Start,End,Usage (kWh)\n2026-01-05 17:00,2026-01-05 17:15,0.5\n2026-01-05 17:15,2026-01-05 17:30,1.25", 5000.0, '2026-01-05 17:15',
        900,
    ],
    'US dates, AM and PM' => [
        "Start Time,End Time,kWh\n1/5/2026 11:45 AM,1/5/2026 12:00 PM,0.5\n1/5/2026 12:00 PM,1/5/2026 12:15 PM,0.75", 3000.0,
        '2026-01-05 12:00', 900,
    ],
    'date and time apart' => [
        "Date,Start Time,End Time,Usage,Units\n2026-01-05,23:00,23:59,2,kWh\n2026-01-06,00:00,00:59,3,kWh", 3000.0, '2026-01-06 00:00',
        3600,
    ],
    'start and minutes' => [
        "Interval Start;Duration (min);Wh\n2026-01-05T10:00;30;400\n2026-01-05T10:30;30;600", 1200.0, '2026-01-05 10:30', 1800,
    ],
    'starts alone, kW' => ["Timestamp,Demand kW\n2026-01-05 10:00,4\n2026-01-05 10:15,7.5", 7500.0, '2026-01-05 10:15', 900],
    'watts of five minutes, averaged over a quarter' => [
        "time,W\n2026-01-05 10:00,1000\n2026-01-05 10:05,9000\n2026-01-05 10:10,2000\n2026-01-05 10:15,4000", 5000.0, '2026-01-05 10:05',
        300,
    ],
    'with the distance from UTC' => ["Start,kWh\n2026-01-05T15:00:00Z,0.5\n2026-01-05T15:15:00Z,1", 4000.0, '2026-01-05 10:15', 900],
    'another distance from UTC' => [
        "Start,kWh\n2026-01-05T09:00:00-06:00,0.5\n2026-01-05T09:15:00-06:00,1", 4000.0, '2026-01-05 10:15', 900,
    ],
    'names above the table' => [
        "Account,123\nName,A. Person\n\nDate,Time,Import (kWh),Export (kWh)\n01/05/2026,10:00,0.5,9\n01/05/2026,10:15,1,9", 4000.0,
        '2026-01-05 10:15', 900,
    ],
    'newest first' => [
        "Start,End,kWh\n2026-01-05 17:15,2026-01-05 17:30,1.25\n2026-01-05 17:00,2026-01-05 17:15,0.5", 5000.0, '2026-01-05 17:15', 900,
    ],
    'dates and times of both ends apart' => [
        "Start Date,Start Time,End Date,End Time,Usage (kWh)\n2026-01-05,10:00,2026-01-05,10:30,0.5\n2026-01-05,10:30,2026-01-05,11:00,1",
        2000.0, '2026-01-05 10:30', 1800,
    ],
    'underscores' => [
        "USAGE_DATE,USAGE_START_TIME,USAGE_END_TIME,USAGE_KWH,COST\n01/05/2026,10:00,10:15,0.5,$1\n01/05/2026,10:15,10:30,1,$2", 4000.0,
        '2026-01-05 10:15', 900,
    ],
    'the value first' => ["kWh,Time,Date\n0.5,10:00,2026-01-05\n1,10:15,2026-01-05", 4000.0, '2026-01-05 10:15', 900],
    'kVAh' => ["Start,kVAh\n2026-01-05 10:00,0.5\n2026-01-05 10:30,1", 2000.0, '2026-01-05 10:30', 1800],
    'ends a second early' => [
        "Start,End,kWh\n2026-01-05 10:00:00,2026-01-05 10:14:59,0.5\n2026-01-05 10:15:00,2026-01-05 10:29:59,1", 4000.0,
        '2026-01-05 10:15', 900,
    ],
    'kVA' => ["Start,Demand (kVA)\n2026-01-05 10:00,0.5\n2026-01-05 10:15,1", 1000.0, '2026-01-05 10:15', 900],
    'VA' => ["Start,VA\n2026-01-05 10:00,500\n2026-01-05 10:15,1000", 1000.0, '2026-01-05 10:15', 900],
    'VAh' => ["Start,VAh\n2026-01-05 10:00,500\n2026-01-05 10:15,1000", 4000.0, '2026-01-05 10:15', 900],
    'watts' => ["Start,Load in watts\n2026-01-05 10:00,500\n2026-01-05 10:15,1000", 1000.0, '2026-01-05 10:15', 900],
    'kilowatt hours in words' => ["Start,Kilowatt-hours used\n2026-01-05 10:00,0.5\n2026-01-05 10:15,1", 4000.0, '2026-01-05 10:15', 900],
    'ends a minute early' => [
        "Start,End,kWh\n2026-01-05 10:00,2026-01-05 10:29,0.5\n2026-01-05 10:30,2026-01-05 10:59,1", 2000.0, '2026-01-05 10:30', 1800,
    ],
    'midnight of the next day as 24:00' => [
        "Date,Start Time,End Time,kWh\n2026-01-05,23:30,24:00,0.5\n2026-01-06,00:00,00:30,1", 2000.0, '2026-01-06 00:00', 1800,
    ],
    'midnight and noon of twelve hours' => [
        "Start,kWh\n1/5/2026 12:00 AM,0.5\n1/5/2026 12:30 AM,1\n1/5/2026 1:00 AM,0.2", 2000.0, '2026-01-05 00:30', 1800,
    ],
    'years of two digits, days without dashes' => ["Date,Time,kWh\n20260105,1000,0.5\n20260105,1030,1", 2000.0, '2026-01-05 10:30', 1800],
    'quoted, with thousands' => [
        "\"Start\",\"Wh\"\n\"2026-01-05 10:00\",\"1,000\"\n\"2026-01-05 11:00\",\"2,500\"", 2500.0, '2026-01-05 11:00', 3600,
    ],
]);

it('reads how long a value stands for, however it is written', function (string $duration, int $seconds) {
    $rows = array_map(fn (int $i): string => gmdate('Y-m-d H:i', 1_767_600_000 + $i * $seconds).";$duration;1000", range(0, 3));
    $year = readTable("Start;Duration;Wh\n".implode("\n", $rows));
    expect($year->seconds)->toBe($seconds)->and($year->peakW)->toEqualWithDelta(1000 * 3600 / $seconds, 1e-6);
})->with([
    ['15', 900], ['15 min', 900], ['30 minutes', 1800], ['60', 3600], ['5', 300], ['00:15', 900], ['0:30', 1800], ['00:15:00', 900],
    ['1:00', 3600], ['900', 900], ['1800 s', 1800], ['900 sec', 900],
    ['0.25', 900], ['0.5 h', 1800], ['1 h', 3600], ['1', 3600], ['0,5', 1800],
]);

it('says what it did not use, and what it took for granted', function (string $text, array $notes, bool $isVa = false) {
    $year = readTable($text);
    expect($year->notes)->toBe($notes)->and($year->isVa)->toBe($isVa);
})->with([
    'nothing to say' => ["Start,kWh\n2026-01-05 10:00,1\n2026-01-05 10:15,1", []],
    'no unit' => ["Start,Usage\n2026-01-05 10:00,1\n2026-01-05 10:15,1", ['The file names no unit: its values were read as kWh.']],
    'a unit in its own column' => ["Start,Usage,Unit\n2026-01-05 10:00,1,kWh\n2026-01-05 10:15,1,kWh", []],
    'power sent out' => [
        "Start,Import (kWh),Export (kWh),Solar kW\n2026-01-05 10:00,1,2,3\n2026-01-05 10:15,1,2,3", ['Not used: Export (kWh), Solar kW.'],
    ],
    'a cost and a temperature' => ["Start,kWh,Cost,Temperature\n2026-01-05 10:00,1,2,3\n2026-01-05 10:15,1,2,3", []],
    'apparent power' => ["Start,kVA\n2026-01-05 10:00,1\n2026-01-05 10:15,1", [], true],
    'apparent energy by its unit' => ["Start,Value,Units\n2026-01-05 10:00,1,kVAh\n2026-01-05 10:15,1,kVAh", [], true],
]);

it('keeps every hour when clocks change', function (string $first, int $doubles) {
    $year = readTable(naive($first, 48));
    expect([$year->count, $year->missing, $year->doubles, $year->daylightDoubles])->toBe([192, 0, 0, $doubles])
        ->and($year->kwh)->toEqualWithDelta(96.0, 1e-6);
})->with([['2026-03-07 12:00', 0], ['2026-10-31 12:00', 4], ['2026-06-01', 0]]);

it('counts gaps and doubles, and lets the higher of two contradicting values stand', function () {
    $year = readTable("Start,kW\n2026-01-05 10:00,1\n2026-01-05 10:15,2\n2026-01-05 10:15,2\n2026-01-05 10:30,3\n2026-01-05 "
        ."10:30,8\n2026-01-05 11:30,1\n2026-01-05 11:45,\n2026-01-05 12:00,1");
    expect(
        [$year->count, $year->missing, $year->gapCount, $year->doubles, $year->contradictions, $year->blanks, $year->peakW]
    )->toBe([5, 4, 2, 2, 1, 1, 8000.0])
        ->and($year->local($year->gaps[0]->from))->toBe('2026-01-05 10:45')->and($year->gaps[0]->missing)->toBe(3);
});

it('makes no quarter hour across a gap', function () {
    $year = readTable("Start,kW\n2026-01-05 10:00,1\n2026-01-05 10:05,1\n2026-01-05 10:10,1\n2026-01-05 10:20,90\n2026-01-05 10:25,90");
    expect($year->peakW)->toBe(1000.0);
});

it('finds the peak, the weeks and the hours that a plain count finds', function () {
    mt_srand(5);
    $watts = [];
    $series = new IntervalSeries;
    $first = Zone::Central->midnight((int) CivilDay::number(2025, 9, 3));
    $order = range(0, 9599);
    shuffle($order);
    foreach ($order as $i) {
        $watts[$i] = (float) mt_rand(100, 9000);
        $series->add($first + 900 * $i, $watts[$i]);
    }
    $year = $series->picture(Zone::Central, 900, 1.0, false);
    $zone = new DateTimeZone('America/Chicago');
    $weeks = $hours = [];
    foreach ($watts as $i => $w) {
        $at = (new DateTimeImmutable('@'.($first + 900 * $i)))->setTimezone($zone);
        $monday = $at->modify('monday this week')->format('Y-m-d');
        $weeks[$monday] = ($weeks[$monday] ?? 0) + $w / 4000;
        $hours[$at->format('Y-m-d')][(int) $at->format('H')][$at->format('P')][] = $w;
    }
    arsort($weeks);
    expect($year->peakW)->toBe(max($watts))->and($year->peakAt)->toBe($first + 900 * array_search(max($watts), (function () use ($watts) {
        ksort($watts);

        return $watts;
    })(), true))
        ->and($year->weeks[0]->monday)->toBe(array_key_first($weeks))->and($year->weeks[0]->kwh)->toEqualWithDelta(max($weeks), 1e-6)
        ->and($year->kwh)->toEqualWithDelta(array_sum($weeks), 1e-6);
    foreach ($year->days as $day => $row) {
        foreach ($row as $hour => $mean) {
            $found = $hours[CivilDay::iso($day)][$hour] ?? [];
            expect($mean)->toBe(
                $found === [] ? null : max(array_map(fn (array $all) => (int) round(array_sum($all) / count($all)), $found))
            );
        }
    }
    expect(LoadYear::fromArray(json_decode((string) json_encode($year->toArray()), true)))->toEqual($year);
});

it('refuses a table by its line', function (string $text, string $said, bool $whole = true) {
    expect(fn () => readTable($text, whole: $whole))->toThrow(
        fn (Refused $refused) => expect($refused->getMessage())->toContain($said)->and($refused->field)->toBe('file')
    );
})->with([
    'no head' => ["a,b\nc,d", 'No head was found'],
    'no date' => ["Start,kWh\n2026-13-05 10:00,1", 'Line 2 "2026-13-05" is no date'],
    'no time' => ["Start,kWh\n2026-01-05 25:00,1", 'is no time of day'],
    'no number' => ["Start,kWh\n2026-01-05 10:00,lots", '"lots" is no number'],
    'mixed lengths' => [
        "Start,End,kWh\n2026-01-05 10:00,2026-01-05 10:15,1\n2026-01-05 10:15,2026-01-05 10:45,1",
        'Line 3 stands for 30 minutes among values of 15',
    ],
    'seven minutes' => ["Start,kWh\n2026-01-05 10:00,1\n2026-01-05 10:07,1\n2026-01-05 10:14,1", 'stand for 7 minutes'],
    'an unknown unit' => ["Start,Value,Unit\n2026-01-05 10:00,1,therms", 'the unit "therms"'],
    'a row without its date' => ["kWh,Time,Date\n0.5,10:00,2026-01-05\n1", 'is no date'],
    'a time without end' => ["Start,kWh\n2026-01-05 10:00:00.".str_repeat('0', 60).',1', 'is no time'],
    'one row' => ["Start,kWh\n2026-01-05 10:00,1", 'fewer than two'],
    'some local, some not' => ["Start,kWh\n2026-01-05 10:00Z,1\n2026-01-05 10:15,1", 'some times say'],
    'absurd' => ["Start,kWh\n2026-01-05 10:00,1e12", 'absurd'],
    'cut off in its cells' => ["Start,End,kWh\n2026-01-05 10:00,2026-01-05 10:15,1\n2026-01-05 10:15,2026-0", 'Line 3', false],
    'cut off in its digits' => [
        "Start,kWh\n2026-01-05 10:00,1.250\n2026-01-05 10:15,1.250\n2026-01-05 10:30,1.2", 'Line 4 breaks off', false,
    ],
    'cut off after the value' => [
        "Start,kWh,Quality\n2026-01-05 10:00,1.2,good\n2026-01-05 10:15,1.2,good\n2026-01-05 10:30,1.2", 'Line 4 breaks off', false,
    ],
]);

it('scales what an ESPI feed says by its power of ten and its unit', function (
    int $multiplier, int $unit, float $value, float $peak, bool $isVa,
) {
    $feed = new EspiFeed;
    $feed->block('m/1');
    $feed->reading(1_767_600_000, 900, $value);
    $feed->reading(1_767_600_900, 900, $value / 2);
    $feed->type('t/1', $multiplier, $unit, 1);
    $feed->meterReading('m/1', ['t/1']);
    $year = $feed->finish(Zone::Eastern);
    expect($year->peakW)->toEqualWithDelta($peak, 1e-6)->and($year->isVa)->toBe($isVa);
})->with([[0, 72, 500, 2000, false], [3, 72, 0.5, 2000, false], [-3, 72, 500_000, 2000, false], [3, 38, 2, 2000, false],
    [0, 61, 2000, 2000, true], [0, 71, 500, 2000, true]]);

it('leaves out what was sent out, and refuses what it cannot use', function () {
    $feed = new EspiFeed;
    foreach (['in' => 400.0, 'out' => 9000.0] as $name => $value) {
        $feed->block("m/$name");
        foreach ([0, 900] as $after) {
            $feed->reading(1_767_600_000 + $after, 900, $value);
        }
        $feed->type("t/$name", 0, 72, $name === 'out' ? 19 : 1);
        $feed->meterReading("m/$name", ["t/$name"]);
    }
    $year = $feed->finish(Zone::Eastern);
    expect($year->peakW)->toBe(1600.0)->and(implode(' ', $year->notes))->toContain('power sent out');
    $gas = new EspiFeed;
    $gas->reading(1_767_600_000, 900, 1.0);
    $gas->type('t', 0, 169, 1);
    expect(fn () => $gas->finish(Zone::Eastern))->toThrow(fn (Refused $r) => expect($r->getMessage())->toContain('unit code 169'));
    expect(fn () => (new EspiFeed)->finish(Zone::Eastern))->toThrow(Refused::class)
        ->and(fn () => $feed->reading(1_767_600_000, 1800, 1.0))->toThrow(Refused::class);
});

it('says under which conditions a recorded peak counts', function (float $days, int $seconds, bool $sentOut, bool $counts, string $said) {
    $recorded = new RecordedPeak(8000.0, '2026-01-05 17:15', $days, $seconds, 0, $sentOut, false, 'x.csv');
    expect($recorded->counts())->toBe($counts)
        ->and(implode(' ', $recorded->conditions()))->toContain($said)
        ->and($recorded->peakVa(0.8))->toBe(10_000.0);
})->with([[365, 900, false, true, ''], [45, 900, false, false, '30-day rule takes'], [12, 900, false, false, 'too short'],
    [365, 3600, false, false, 'highest quarter hour'], [365, 900, true, false, 'Power was sent out']]);

it('lets no recording full of gaps count', function (int $missing, bool $counts, string $said) {
    // A year of quarter hours has 35,040 values: 1 % are 350.4.
    $recorded = new RecordedPeak(8000.0, '2026-01-05 17:15', 365.0, 900, $missing, false, false, 'x.csv');
    expect($recorded->counts())->toBe($counts)->and(implode(' ', $recorded->conditions()))->toBe($said);
})->with([
    [0, true, ''], [350, true, '350 values are missing: the true peak may lie in a gap.'],
    [351, false, '351 values are missing, more than 1 % of them: the true peak may lie in a gap, so this is no record of the whole time.'],
]);

it('does not let a calculation rest on a recording that does not count', function (float $days, DemandMethod $method, bool $found) {
    $job = Houses::job(
        'x', demand: new DemandInputs($method, 240.0, new Dwelling(1500.0), 8000.0),
        recorded: new RecordedPeak(8000.0, '2026-01-05 17:15', $days, 900, 0, false, false, 'a.csv'),
    );
    expect(in_array('RECORDED_PEAK_DOUBTFUL', array_map(fn ($f) => $f->code->value, Review::of($job)->findings), true))->toBe($found);
})->with([[365, DemandMethod::Measured, false], [45, DemandMethod::Measured, true], [45, DemandMethod::Optional, false]]);

it('keeps the recorded peak in a job file', function () {
    $job = Houses::job('x', recorded: new RecordedPeak(8123.4, '2026-01-05 17:15', 365.0, 900, 12, false, true, 'a.csv'));
    expect(JobFile::standard()->decode(JobFile::standard()->encode($job)))->toEqual($job);
});
