<?php

declare(strict_types=1);

use App\Bench\BenchHouse;
use App\Documents\Card\CardContents;
use App\Documents\Card\CardFit;
use App\Documents\CardPdf;
use App\Documents\Sheet;
use App\Documents\SquarePattern;
use App\Documents\Woff;
use App\JobFile\JobEditor;
use App\Models\Job;
use App\Models\RehearsalLink;
use App\Models\Run;
use App\Runs\RunState;
use App\Runs\RunWork;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Storage;
use Underpin\Job\Fuel;
use Underpin\Sizing\Supply;

/** How many sheets it takes. */
function sheets(string $pdf): int
{
    return (int) preg_replace('/.*?^Pages:\s+(\d+).*/ms', '$1', (string) of('pdfinfo', $pdf));
}

/** What a tool of the system says of it. */
function of(string $tool, string $pdf, string $after = ''): string
{
    $path = tempnam(sys_get_temp_dir(), 'card');
    file_put_contents($path, $pdf);
    $said = (string) shell_exec("$tool ".escapeshellarg($path)." $after 2>&1");
    unlink($path);

    return $said;
}

function wordsOf(string $pdf): string
{
    return (string) preg_replace('/\s+/', ' ', of('pdftotext -layout', $pdf, '-'));
}

it('lays out the card of every demo job once, on one sheet, in type that can be read', function () {
    $this->demo();
    Log::shouldReceive('notice')->never();
    $fonts = Sheet::fonts();
    foreach (Job::query()->with('shop')->get() as $row) {
        $contents = CardContents::of(JobEditor::open($row));
        $fit = CardFit::of($contents, $fonts);
        expect($fit->points)->toBeGreaterThanOrEqual(8.5, $row->name)
            ->and(sheets(CardPdf::of($contents)))->toBe(1, $row->name);
    }
});

it('leads to the rehearsal by a square and by letters where there is a link, still laid out once on one sheet', function () {
    $this->demo();
    Log::shouldReceive('notice', 'warning')->never();
    $names = ['Kestrel Gap goat dairy', 'Salt Wharf row house', 'Lake Ansgar lodge'];
    foreach (Job::query()->with('shop')->whereIn('name', $names)->get() as $row) {
        $bare = wordsOf(CardPdf::of(CardContents::of(JobEditor::open($row))));
        $address = RehearsalLink::renew($row, $row->shop->users()->firstOrFail());
        $pdf = CardPdf::of(CardContents::of(JobEditor::open($row)));
        expect(sheets($pdf))->toBe(1, $row->name)->and(str_replace(' ', '', wordsOf($pdf)))->toContain($address, 'Rehearseit')
            ->and($bare)->not->toContain('Rehearse it');
    }
    expect(SquarePattern::of('https://a.example/rehearse/b'))->toStartWith('data:image/svg+xml;base64,')
        ->and(base64_decode(substr((string) SquarePattern::of('https://a.example/rehearse/b'), 26)))->toContain('viewBox="0 0 37 37"');
});

it('wastes no room: the next larger type would not do', function () {
    $this->demo();
    $contents = CardContents::of(JobEditor::open(Job::query()->where('name', 'Kestrel Gap goat dairy')->firstOrFail()));
    $fit = CardFit::of($contents, Sheet::fonts());
    $larger = (new ReflectionClass(CardFit::class))->newInstanceWithoutConstructor();
    foreach (['points' => $fit->points + 1.0, 'isOneSheet' => true, 'split' => $fit->split, 'left' => $fit->left] as $name => $value) {
        (new ReflectionProperty(CardFit::class, $name))->setValue($larger, $value);
    }
    $sheet = Sheet::laidOut(view('documents.card', ['contents' => $contents, 'fit' => $larger])->render());
    expect($sheet->pages())->toBe(2);
});

it('says its language and what it consists of, in the order in which it is read, in the faces of the pages', function () {
    $this->demo();
    $pdf = CardPdf::of(CardContents::of(JobEditor::open(Job::query()->where('name', 'Kestrel Gap goat dairy')->firstOrFail())));
    $tree = of('pdfinfo -struct-text', $pdf);
    expect(of('pdfinfo', $pdf))->toMatch('/Tagged:\s+yes/')->and($pdf)->toContain('/Lang (en-US)')
        ->and($tree)->toStartWith('Document')->toContain('H2 (block)')->toContain('LI (block)')->toContain('/Scope /Column')
        ->and(strpos($tree, '"To the generator"'))->toBeLessThan(strpos($tree, '"Turn on in this order"'))
        ->and(strpos($tree, '"Turn on in this order"'))->toBeLessThan(strpos($tree, '"Back to the utility"'))
        // A table that only lays out two columns is none.
        ->and(substr_count($tree, 'Table (block)'))->toBe(1);
    preg_match_all('/^[A-Z]{6}\+(\S+)/m', of('pdffonts', $pdf), $faces);
    expect(array_unique($faces[1]))->toBe(['Archivo-Regular', 'Archivo-Bold'])
        ->and(of('pdftotext', $pdf, '-'))->toContain('When the power is out');
});

it('unpacks a font of the pages, and refuses what is none', function () {
    $woff = (string) file_get_contents(base_path('node_modules/@fontsource/archivo/files/archivo-latin-400-normal.woff'));
    $plain = Woff::trueType($woff);
    $entry = unpack('ntables', $plain, 4);
    expect($entry['tables'])->toBe(unpack('ntables', $woff, 12)['tables'])->and(strlen($plain))->toBeGreaterThan(strlen($woff));
    for ($i = 0; $i < $entry['tables']; $i++) {
        ['at' => $at, 'bytes' => $bytes] = unpack('a4tag/Nsum/Nat/Nbytes', $plain, 12 + 16 * $i);
        expect($at % 4)->toBe(0)->and($at + $bytes)->toBeLessThanOrEqual(strlen($plain));
    }
    expect(fn () => Woff::trueType('wOF2'.str_repeat("\0", 60)))->toThrow(UnexpectedValueException::class);
    expect(fn () => Woff::trueType(substr($woff, 0, 5000)))->toThrow(UnexpectedValueException::class);
});

it('says in it everything that the page says', function () {
    $this->demo();
    foreach (['Kestrel Gap goat dairy', 'Lake Ansgar lodge'] as $name) {
        $contents = CardContents::of(JobEditor::open(Job::query()->where('name', $name)->firstOrFail()));
        $words = wordsOf(CardPdf::of($contents));
        foreach ($contents->sections as $section) {
            expect($words)->toContain($section->title);
            foreach ([...$section->order, ...$section->room] as $row) {
                expect($words)->toContain($row->name);
            }
            foreach ($section->off as $row) {
                expect($words)->toContain("$row->label ");
            }
        }
    }
});

it('leaves the card of a house with very many breakers to the worker, and shows it when it is there', function () {
    Storage::fake('local');
    $user = $this->person();
    $machine = $user->shop->machines()->where('key', 'badger-120')->firstOrFail()->core();
    $job = $this->job($user, BenchHouse::of(130, new Supply($machine, Fuel::Gasoline)));
    Queue::fake();
    $this->actingAs($user)->get("/jobs/$job->id/card.pdf")->assertOk()->assertSee('A long card')->assertSee('data-run=', false);
    $this->get("/jobs/$job->id/card.pdf")->assertSee('A long card');
    Queue::assertPushed(RunWork::class, 1);
    $run = Run::query()->sole();
    (new RunWork($run->id))->handle(app(App\Runs\Tasks::class));
    expect($run->refresh()->state)->toBe(RunState::Done);
    $pdf = $this->get("/jobs/$job->id/card.pdf")->assertOk()->assertHeader('Content-Type', 'application/pdf')->streamedContent();
    expect(sheets($pdf))->toBeGreaterThan(1)->and(wordsOf($pdf))->toContain('Turn on in this order')->toContain('Leave off');
    // What has changed since is never shown as it was.
    $circuit = $job->circuits()->where('role', 'must')->firstOrFail();
    $this->patch("/jobs/$job->id/circuits/$circuit->key/role", ['role' => 'off', 'stage' => 'loads'])->assertRedirect();
    $this->get("/jobs/$job->id/card.pdf")->assertSee('A long card');
    Queue::assertPushed(RunWork::class, 2);
});

it('makes it at once where a hundred breakers are the most', function () {
    $user = $this->person();
    $machine = $user->shop->machines()->where('key', 'badger-120')->firstOrFail()->core();
    $job = $this->job($user, BenchHouse::of(100, new Supply($machine, Fuel::Gasoline)));
    Queue::fake();
    $this->actingAs($user)->get("/jobs/$job->id/card.pdf")->assertOk()->assertHeader('Content-Type', 'application/pdf');
    Queue::assertNothingPushed();
});
