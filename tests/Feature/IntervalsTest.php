<?php

declare(strict_types=1);

use App\Bench\IntervalFiles;
use App\Intervals\IntervalFile;
use App\JobFile\JobEditor;
use Illuminate\Http\UploadedFile;
use Underpin\Demand\Worksheet;
use Underpin\Exchange\JobFile;
use Underpin\Measure\Interval\Zone;

beforeEach(function () {
    $this->user = $this->person();
    $this->job = $this->job($this->user);
    $this->actingAs($this->user);
    $this->base = "/jobs/{$this->job->id}";
    $this->folder = sys_get_temp_dir().'/underpin-intervals-'.bin2hex(random_bytes(4));
    mkdir($this->folder);
    $this->send = fn (string $name, string $content, array $headers = [], array $said = []) => $this->post(
        "$this->base/intervals", ['zone' => 'eastern', 'file' => UploadedFile::fake()->createWithContent($name, $content), ...$said],
        $headers,
    );
    $this->file = fn () => JobFile::standard()->decode((string) $this->get("$this->base/job.json")->getContent());
});
afterEach(fn () => exec('rm -rf '.escapeshellarg($this->folder)));

it('brings the same year in from a table and from ESPI', function () {
    IntervalFiles::csv("$this->folder/year.csv", 1);
    IntervalFiles::espi("$this->folder/year.xml", 1);
    $table = IntervalFile::read("$this->folder/year.csv", Zone::Eastern);
    $espi = IntervalFile::read("$this->folder/year.xml", Zone::Eastern);
    expect($table->count)->toBe(35_040)
        ->and($table->missing)->toBe(0)
        ->and($table->peakW)->toEqualWithDelta(11_600, 1e-6)
        ->and($table->recorded('x')->counts())->toBeTrue()
        ->and($espi->peakAt)->toBe($table->peakAt)
        ->and($espi->peakW)->toEqualWithDelta($table->peakW, 1e-6)
        ->and($espi->days)->toEqual($table->days);
});

it('shows the year, uses its peak and takes it back', function () {
    IntervalFiles::csv("$this->folder/year.csv", 1);
    ($this->send)('year.csv', (string) file_get_contents("$this->folder/year.csv"))->assertRedirect("$this->base/intervals");
    $this->get("$this->base/intervals")
        ->assertOk()
        ->assertSee('11,600')
        ->assertSee('2025-01-16 15:00')
        ->assertSee('Highest weeks')
        ->assertDontSee('30-day rule');
    expect(($this->file)()->basis->recorded?->peakW)->toEqualWithDelta(11_600, 1e-6);
    $this->put("$this->base/intervals/peak", ['pf' => '0.8', 'new_load_va' => '1000'])->assertRedirect("$this->base/demand");
    // 125 % of 11,600 W / 0.8, and 1,000 VA
    expect(
        ($this->file)()->basis->demand === null ? null : Worksheet::of(($this->file)()->basis->demand)->demandVa
    )->toEqualWithDelta(19_125, 1e-6);
    $this->get("$this->base/schools")->assertOk()->assertSee('recorded peak')->assertSee('220.87');
    $this->delete("$this->base/intervals")->assertRedirect();
    expect(($this->file)()->basis->recorded)->toBeNull();
    $this->post("$this->base/undo", ['seq' => 3])->assertRedirect();
    $this->get("$this->base/intervals")->assertSee('11,600');
});

it('says how far it is while it reads, and where it breaks off', function () {
    IntervalFiles::csv("$this->folder/year.csv", 1);
    $whole = (string) file_get_contents("$this->folder/year.csv");
    $told = [];
    IntervalFile::read("$this->folder/year.csv", Zone::Eastern, function (int $count, ?float $share) use (&$told): void {
        $told[] = [$count, $share];
    });
    expect(count($told))->toBeGreaterThan(5)->and($told[0][0])->toBeGreaterThan(4000)->and(end($told)[1])->toBeGreaterThan(0.9);

    ($this->send)('year.csv', $whole, ['X-Parts' => '1'])->assertOk()->assertJsonPath('to', route('jobs.intervals', $this->job->id));
    ($this->send)('cut.csv', substr($whole, 0, intdiv(strlen($whole), 2) - 9))->assertSessionHasErrors('file');
    expect(session('errors')->first('file'))->toContain('Line 17,')->toContain('breaks off')
        ->and($this->job->intervalRecords()->pluck('file')->all())->toBe(['year.csv']);
    $this->get("$this->base/intervals")->assertSee('Utility data from cut.csv')->assertSee('breaks off')->assertSee('Try again');
});

it('keeps nothing of a file that is cut off', function (string $kind) {
    IntervalFiles::espi("$this->folder/a.xml", 1);
    IntervalFiles::csv("$this->folder/a.csv", 1);
    $whole = (string) file_get_contents("$this->folder/a.$kind");
    foreach ([0.3, 0.77] as $share) {
        ($this->send)("a.$kind", substr($whole, 0, (int) ($share * strlen($whole))))->assertSessionHasErrors('file');
        expect(session('errors')->first('file'))->toMatch('/Line [\d,]+/')->toContain('Nothing was kept');
    }
    expect($this->job->intervalRecords()->count())->toBe(0)->and(($this->file)()->basis->recorded)->toBeNull();
})->with(['csv', 'xml']);

it('reads wide encodings and byte-order marks', function (string $encoding, string $mark) {
    $text = "Start,kWh\r\n2026-01-05 10:00,0.5\r\n2026-01-05 10:15,1\r\n";
    ($this->send)('a.csv', $mark.mb_convert_encoding($text, $encoding, 'UTF-8'))->assertSessionHasNoErrors();
    expect(($this->file)()->basis->recorded?->peakW)->toBe(4000.0);
})->with(['UTF-16, low byte first' => ['UTF-16LE', "\xFF\xFE"], 'UTF-16, high byte first' => ['UTF-16BE', "\xFE\xFF"],
    'UTF-8 with a mark' => ['UTF-8', "\xEF\xBB\xBF"]]);

it('finds the same peak in a file with points and with commas', function (string $delimiter, string $decimal) {
    $values = ['0.375', '1.506', '1.250', '0.5'];
    $row = fn (int $i, string $kwh): string => '2026-01-05 10:'.($i * 15 ?: '00')."$delimiter\"$kwh\"\r\n";
    $rows = array_map($row, [0, 1, 2, 3], $decimal === 'comma' ? str_replace('.', ',', $values) : $values);
    ($this->send)('a.csv', "Start{$delimiter}kWh\r\n".implode('', $rows))->assertSessionHasNoErrors();
    expect(($this->file)()->basis->recorded?->peakW)->toBe(6024.0);
    $this->get("$this->base/intervals")->{$decimal === 'comma' ? 'assertSee' : 'assertDontSee'}('decimal comma');
})->with([[';', 'comma'], [';', 'point'], [',', 'comma'], [',', 'point'], ["\t", 'comma'], ["\t", 'point']]);

it('does not guess a decimal mark that nothing tells, and takes it from the person', function () {
    $text = "Start\tkWh\n2026-01-05 10:00\t1,506\n2026-01-05 10:15\t2,250\n";
    ($this->send)('a.csv', $text)->assertSessionHasErrors('file');
    expect(session('errors')->first('file'))->toContain('"1,506" may be 1506 or 1.506')->toContain('Decimal mark');
    ($this->send)('a.csv', $text, said: ['decimal' => 'comma'])->assertSessionHasNoErrors();
    expect(($this->file)()->basis->recorded?->peakW)->toBe(9000.0);
    ($this->send)('a.csv', $text, said: ['decimal' => 'dot'])->assertSessionHasErrors('decimal');
});

it('refuses a value above what the service of the job passes', function () {
    JobEditor::change($this->job, $this->user, 'x', fn ($file) => $file->with($file->service->with(amps: 100)));
    ($this->send)('a.csv', "Start,kWh\n2026-01-05 10:00,1\n2026-01-05 10:15,9\n")->assertSessionHasErrors('file');
    expect(session('errors')->first('file'))->toContain('Line 3 says a mean of 36,000 W, more than a service of 100 A can pass');
    expect(($this->file)()->basis->recorded)->toBeNull();
});

it('opens no door for XML', function (string $xml, string $said) {
    ($this->send)('a.xml', $xml)->assertSessionHasErrors('file');
    expect(session('errors')->first('file'))->toContain($said);
})->with([
    'a bomb' => [
        '<?xml version="1.0"?><!DOCTYPE b [<!ENTITY a "aaaaaaaaaa">'.implode(
            '', array_map(fn (int $i) => '<!ENTITY a'.$i.' "'.str_repeat($i === 1 ? '&a;' : '&a'.($i - 1).';', 10).'">', range(1, 12)),
        ).']><feed>&a12;</feed>',
        'Nothing was kept',
    ],
    'a file of the server' => [
        '<?xml version="1.0"?><!DOCTYPE b [<!ENTITY x SYSTEM '
            .'"file:///etc/passwd">]><feed><IntervalReading><value>&x;</value></IntervalReading></feed>',
        'DOCTYPE',
    ],
    'deep' => [str_repeat('<a>', 5000).str_repeat('</a>', 5000), 'Line 1'],
    'nothing in it' => ['<feed xmlns="http://www.w3.org/2005/Atom"></feed>', 'no interval readings'],
    'no unit' => [
        '<feed><IntervalBlock><IntervalReading><timePeriod><duration>900</duration><start>1767600000</start></timePeriod>'
            .'<value>1</value></IntervalReading></IntervalBlock></feed>',
        'does not say the unit',
    ],
    'a value that is none' => [
        "<feed>\n<IntervalReading><timePeriod><duration>900</duration><start>x</start></timePeriod>"
            .'<value>1</value></IntervalReading></feed>',
        'Line 2',
    ],
    'an absurd power of ten' => [
        '<feed><ReadingType><powerOfTenMultiplier>400</powerOfTenMultiplier><uom>72</uom></ReadingType></feed>',
        'powerOfTenMultiplier must be',
    ],
]);

it('stays small and quick with five years', function () {
    IntervalFiles::csv("$this->folder/five.csv", 5);
    IntervalFiles::espi("$this->folder/five.xml", 5);
    foreach (['five.csv', 'five.xml'] as $name) {
        $code = 'require "vendor/autoload.php"; App\Intervals\IntervalFile::read($argv[1], Underpin\Measure\Interval\Zone::Eastern); '
            .'echo memory_get_peak_usage(true);';
        $bytes = (int) shell_exec(
            'cd '.escapeshellarg(base_path()).' && php -r '.escapeshellarg($code).' '.escapeshellarg("$this->folder/$name")
        );
        expect($bytes)->toBeGreaterThan(1_000_000)->toBeLessThan(64_000_000);
    }
});

it('lets nobody put utility data over data that somebody else has brought in since', function () {
    IntervalFiles::csv("$this->folder/year.csv", 1);
    $year = (string) file_get_contents("$this->folder/year.csv");
    ($this->send)('mine.csv', $year, said: ['seen' => ''])->assertSessionHasNoErrors();
    $this->get("$this->base/intervals")->assertSee('name="seen" value="'.$this->job->intervalRecords()->value('key').'"', false);
    ($this->send)('theirs.csv', $year, said: ['seen' => ''])->assertSessionHasErrors('file');
    expect($this->job->intervalRecords()->value('file'))->toBe('mine.csv');
    ($this->send)('theirs.csv', $year, said: ['seen' => $this->job->intervalRecords()->value('key')])->assertSessionHasNoErrors();
    expect($this->job->intervalRecords()->value('file'))->toBe('theirs.csv');
});
