<?php

declare(strict_types=1);

namespace Tests\Feature\ImporterFuzzTest;

use App\Intervals\IntervalFile;
use App\Recordings\ReadingsFile;
use Illuminate\Http\UploadedFile;
use Illuminate\Routing\Middleware\ThrottleRequests;
use Underpin\Csv\CsvText;
use Underpin\Csv\OtherMark;
use Underpin\Measure\Interval\Zone;
use Underpin\Measure\Mark;
use Underpin\Measure\Reading;
use Underpin\Measure\ReadingsTable;
use Underpin\Refused;

/** Files that are nearly right, broken in one of many ways. */
function spoiled(string $good, int $seed): string
{
    mt_srand($seed);
    $bytes = $good;
    foreach (range(1, mt_rand(1, 3)) as $ignored) {
        $at = mt_rand(0, max(0, strlen($bytes) - 1));
        $bytes = match (mt_rand(0, 11)) {
            0 => substr($bytes, 0, $at),
            1 => substr($bytes, $at),
            2 => substr_replace($bytes, chr(mt_rand(0, 255)), $at, 1),
            3 => substr_replace($bytes, str_repeat(chr(mt_rand(32, 126)), mt_rand(1, 20_000)), $at, 0),
            4 => substr_replace($bytes, '"', $at, 0),
            5 => substr_replace($bytes, '=HYPERLINK("http://x.example","y")', $at, 0),
            6 => mb_convert_encoding($bytes, 'UTF-16LE', 'ISO-8859-1'),
            7 => "\xFF\xFE".mb_convert_encoding($bytes, 'UTF-16LE', 'ISO-8859-1'),
            8 => gzencode($bytes),
            9 => str_replace(',', ';', $bytes),
            10 => substr_replace($bytes, str_repeat("\n", mt_rand(1, 300)), $at, 0),
            default => substr_replace($bytes, '<!DOCTYPE a [<!ENTITY b SYSTEM "file:///etc/hostname">]>', $at, 0),
        };
    }

    return $bytes;
}

const GOOD = [
    'schedule' => "Panel,Space,Poles,Amps,Circuit,Role\nMain,1,1,20,Kitchen,must\nMain,2,2,30,Dryer,off\nMain,5a,1,15,Lights,room\n",
    'readings' => "Time (s),Leg A (A),Leg B (A),Mark\n0,1.5,2\n0.1,1.6,2.1,pump on\n0.2,9.5,2\n",
    'table' => "Start,End,Usage (kWh)\n2026-01-05 17:00,2026-01-05 17:15,0.5\n2026-01-05 17:15,2026-01-05 "
        ."17:30,1.25\n2026-01-05 17:30,2026-01-05 17:45,1.1\n",
    'espi' => '<?xml version="1.0"?><feed><entry><ReadingType>'
        .'<powerOfTenMultiplier>0</powerOfTenMultiplier><uom>72</uom></ReadingType></entry>'
        .'<IntervalBlock>'
        .'<IntervalReading><timePeriod><duration>900</duration><start>1767600000</start></timePeriod><value>100</value></IntervalReading>'
        .'<IntervalReading><timePeriod><duration>900</duration><start>1767600900</start></timePeriod><value>200</value></IntervalReading>'
        .'</IntervalBlock></feed>',
];

it('takes or refuses whatever it is given, with a message', function (string $kind) {
    $path = tempnam(sys_get_temp_dir(), 'fuzz');
    $taken = $refused = 0;
    foreach (range(1, 300) as $seed) {
        file_put_contents($path, spoiled(GOOD[$kind], $seed));
        try {
            $kind === 'readings' ? ReadingsFile::read($path, fn (array $readings) => null) : IntervalFile::read($path, Zone::Eastern);
            $taken++;
        } catch (OtherMark) {
            $taken++; // and is read anew by who asked
        } catch (Refused $fault) {
            $refused++;
            expect($fault->field)->toBe('file')
                ->and($fault->getMessage())->not->toBe('')
                ->and(mb_check_encoding($fault->getMessage(), 'UTF-8'))->toBeTrue()
                ->and(mb_strlen($fault->getMessage()))->toBeLessThan(500);
        }
    }
    unlink($path);
    expect($taken + $refused)->toBe(300)->and($taken)->toBeGreaterThan(5)->and($refused)->toBeGreaterThan(50);
})->with(['readings', 'table', 'espi']);

it('answers every broken upload with a page, never with an error', function (string $path, string $kind, array $more) {
    $user = $this->person();
    $job = $this->job($user);
    $this->actingAs($user);
    $this->withoutMiddleware(ThrottleRequests::class);
    foreach (range(1, 60) as $seed) {
        $answer = $this->post(
            "/jobs/$job->id$path", $more + ['file' => UploadedFile::fake()->createWithContent('x.csv', spoiled(GOOD[$kind], 1000 + $seed))],
        );
        expect($answer->getStatusCode())->toBeIn([200, 302]);
        if ($answer->getStatusCode() === 302 && session('errors') === null) {
            $this->get((string) $answer->headers->get('Location'))->assertOk();
        }
        session()->forget('errors');
    }
})->with([
    ['/schedule', 'schedule', []], ['/recordings/import', 'readings', []], ['/intervals', 'table', ['zone' => 'pacific']],
    ['/intervals', 'espi', ['zone' => 'eastern']],
]);

it('gives a file of 100 MB back within ten seconds and in bounded memory', function (string $kind, string $row, string $head) {
    $path = tempnam(sys_get_temp_dir(), 'huge');
    $file = fopen($path, 'wb');
    fwrite($file, $head);
    $block = str_repeat($row, intdiv(1_000_000, strlen($row)));
    for ($i = 0; $i < 100; $i++) {
        fwrite($file, $block);
    }
    fclose($file);
    $call = $kind === 'readings'
        ? 'App\Recordings\ReadingsFile::read($argv[1], fn (array $readings) => null)'
        : 'App\Intervals\IntervalFile::read($argv[1], Underpin\Measure\Interval\Zone::Eastern)';
    $code = 'require "vendor/autoload.php"; $t = hrtime(true); try { '.$call
        .'; $said = "taken"; } catch (Underpin\Refused $r) { $said = $r->getMessage(); } echo json_encode([$said, (hrtime(true) - $t) / '
            .'1e9, memory_get_peak_usage(true)]);';
    [$said, $seconds, $bytes] = json_decode(
        (string) shell_exec(
            'cd '.escapeshellarg(base_path()).' && php -d memory_limit=256M -r '.escapeshellarg($code).' '.escapeshellarg($path)
        ),
        true,
    );
    unlink($path);
    expect($said)->toBeString()->not->toBe('taken')->and($seconds)->toBeLessThan(10.0)->and($bytes)->toBeLessThan(150_000_000);
})->with([
    'a table of readings' => ['readings', "0,1,1\n", "Time (s),A,B\n"],
    'one endless line' => ['table', 'x', "Start,kWh\n"],
    'one endless quoted cell' => ['table', "a\n", "Start,kWh\n\""],
    'one value, over and over' => ['table', "2026-01-05 10:00,0.5\n", "Start,kWh\n"],
    'blank lines' => ['table', "\n", "Start,kWh\n"],
    'ESPI without end' => [
        'espi',
        '<IntervalReading><timePeriod><duration>900</duration><start>1767600000</start></timePeriod><value>1</value></IntervalReading>',
        '<feed>',
    ],
    'one endless text' => ['espi', 'aaaaaaaaaa', '<feed><value>'],
    'elements without end' => ['espi', '<a/>', '<feed>'],
]);

it('refuses a schedule of 100 MB by its size, before it reads it', function () {
    $user = $this->person();
    $job = $this->job($user);
    $before = memory_get_peak_usage();
    $this->actingAs($user)->post(
        "/jobs/$job->id/schedule", ['file' => UploadedFile::fake()->create('x.csv', 100 * 1024)],
    )->assertSessionHasErrors('file');
    expect(session('errors')->first('file'))->toContain('at most 2,000,000')
        ->and(memory_get_peak_usage() - $before)->toBeLessThan(50_000_000);
});

it('writes no cell that a spreadsheet could run', function () {
    foreach (['=1+1', '+1', '-1', '@SUM(A1)', "\t=1", "\r=1", '=HYPERLINK("http://x.example")'] as $cell) {
        expect(CsvText::cell($cell))->not->toMatch('/^"?[=+\-@\t\r]/');
        $lines = [...ReadingsTable::lines([new Reading(0, 1, 1)], [new Mark(0, $cell)])];
        expect($lines[1])->not->toMatch('/,"?[=+\-@\t\r]/');
    }
});
