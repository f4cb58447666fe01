<?php

declare(strict_types=1);

use App\Bench\BenchHouse;
use App\Documents\Card\CardContents;
use App\Documents\Card\CardFit;
use App\Documents\CardPdf;
use App\Documents\Sheet;
use App\Documents\SquarePattern;
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
    return (int) preg_match_all('#/Type\s*/Page\b#', $pdf);
}

function wordsOf(string $pdf): string
{
    $path = tempnam(sys_get_temp_dir(), 'card');
    file_put_contents($path, $pdf);
    $words = (string) shell_exec('pdftotext -layout '.escapeshellarg($path).' -');
    unlink($path);

    return (string) preg_replace('/\s+/', ' ', $words);
}

it('lays out the card of every demo job once, on one sheet, in type that can be read', function () {
    $this->demo();
    Log::shouldReceive('notice')->never();
    $fonts = Sheet::empty()->getFontMetrics();
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
    $fit = CardFit::of($contents, Sheet::empty()->getFontMetrics());
    $larger = (new ReflectionClass(CardFit::class))->newInstanceWithoutConstructor();
    foreach (['points' => $fit->points + 1.0, 'isOneSheet' => true, 'split' => $fit->split, 'left' => $fit->left] as $name => $value) {
        (new ReflectionProperty(CardFit::class, $name))->setValue($larger, $value);
    }
    $pdf = Sheet::empty();
    $pdf->setPaper('letter');
    $pdf->loadHtml(view('documents.card', ['contents' => $contents, 'fit' => $larger])->render());
    $pdf->render();
    expect($pdf->getCanvas()->get_page_count())->toBe(2);
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
