<?php

declare(strict_types=1);

use App\Find\Rules;
use App\Models\PartPrice;

beforeEach(function () {
    $this->user = $this->demo();
    $this->actingAs($this->user);
    $this->job = $this->user->shop->jobs()->where('name', 'Kestrel Gap goat dairy')->firstOrFail();
    $this->find = fn (string $q, bool $open = true): string => (string) $this->get(
        '/find?'.http_build_query(['q' => $q, 'job' => $open ? $this->job->id : '']),
    )->assertOk()->getContent();
});

/** What somebody types, and what stands in the answer: its words, its kind, where it leads; the last: no job is open. */
const FOUND = [
    'a job' => ['salt wh', 'Salt Wharf row house', '<small>', '/jobs/', false],
    'a job by its place' => ['port merri', 'Salt Wharf row house', '<small>', '/jobs/', false],
    'a breaker' => ['milk', 'Milk cooler', 'breaker', '/loads?at='],
    'a breaker by its space' => ['9', 'Milk cooler', 'breaker', '/loads?at='],
    'a load' => ['cooler compressor', 'Cooler compressor', 'load on Milk cooler', '/loads?at='],
    'a stage' => ['wire', 'Wire', 'stage', '/wire'],
    'a rule by its number' => ['310.16', '310.16', 'rule', '/help#section-310.16'],
    'a rule by what it is for' => ['702.5', '702.5(A)', 'rule', '/help#section-702.5-A'],
    'what can be done' => ['price', 'Price book', 'shop', '/prices', false],
    'what can be done here' => ['interlock', 'Interlock: the moves', 'this job', '/connect'],
    'the quote' => ['quote', 'Quote and price', 'this job', '#quotes'],
    'a typical load by what it is called' => ['cpap', 'Breathing aid at night', 'typical load', '/library/', false],
    'a part by its name' => ['interlock kit', 'Interlock kit, as listed for the panel', 'part, $', '/prices#part-interlock-kit', false],
    'help' => ['begin a job', 'Begin a job', 'help', '/help#begin-a-job', false],
];

// The demo shop takes two seconds to lay out: once for all of them.
it('finds what people look for', function () {
    foreach (FOUND as $what => $case) {
        [$typed, $words, $kind, $url] = $case;
        $found = ($this->find)($typed, $case[4] ?? true);
        foreach ([$words, $kind, $url] as $part) {
            expect(str_contains($found, $part))->toBeTrue("$what: '$part' is not in what '$typed' finds");
        }
    }
});

it('finds nothing of another shop, and says so', function () {
    PartPrice::query()->create([
        'shop_id' => $this->user->shop_id, 'key' => 'heron-clamp', 'part' => 'Heron clamp', 'unit' => 'each', 'pack' => 1,
    ]);
    expect(($this->find)('heron clamp'))->toContain('#part-heron-clamp')->toContain('no price yet');
    $this->flushSession();
    $this->actingAs($this->person('sam@two.example'));
    expect(($this->find)('salt'))->not->toContain('Salt Wharf')->toContain('Nothing is called');
    expect(($this->find)('milk'))->not->toContain('loads?at=');
    expect(($this->find)('heron clamp'))->not->toContain('#part-');
});

it('takes odd words for words', function () {
    foreach (['', '%', '_', '<script>x</script>', "\xff", str_repeat('a', 500), '((', '\\'] as $typed) {
        expect(($this->find)($typed))->toContain('<ul class="found">')->not->toContain('<script>x');
    }
});

it('shows the pictures of the guide, and no other file', function () {
    $page = (string) $this->get('/help')->assertOk()->getContent();
    preg_match_all('~<img[^>]*src="([^"]+)"[^>]*alt="([^"]+)"|<img[^>]*alt="([^"]+)"[^>]*src="([^"]+)"~', $page, $found);
    $addresses = array_filter([...$found[1], ...$found[4]]);
    expect(count($addresses))->toBeGreaterThan(5);
    foreach ($addresses as $address) {
        $this->get($address)->assertOk()->assertHeader('Content-Type', 'image/png');
    }
    $this->get('/help/pictures/card')->assertNotFound();
    $this->get('/help/pictures/nothing')->assertNotFound();
    $this->delete('/help')->assertStatus(405)->assertSee('Not like this')->assertDontSee('style=', false);
});

it('shows every section that the docs list under help, each at an address of its own', function () {
    $page = (string) $this->get('/help')->assertOk()->assertSee('Begin a job')->getContent();
    $anchors = array_map(fn (array $row): string => Rules::anchor($row[0]), Rules::sections());
    expect(count($anchors))->toBeGreaterThan(100)->and(array_unique($anchors))->toBe($anchors);
    foreach ($anchors as $anchor) {
        expect($page)->toContain("id=\"$anchor\"");
    }
});
