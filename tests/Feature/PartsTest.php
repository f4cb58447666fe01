<?php

declare(strict_types=1);

namespace Tests\Feature\PartsTest;

use App\JobFile\JobRows;
use App\Screens\Pages\StagePages;
use Tests\Support\Houses;
use Underpin\Checks\Review;
use Underpin\Exchange\JobPatch;
use Underpin\Job\Circuit;
use Underpin\Stages\Stages;

beforeEach(function () {
    $this->user = $this->person();
    $this->job = $this->job($this->user, Houses::small(Houses::supply()));
    $this->actingAs($this->user);
    $this->base = "/jobs/{$this->job->id}";
    $this->role = fn (string $circuit, string $role, array $headers, string $stage = 'loads') => (string) $this->patch(
        "$this->base/circuits/$circuit/role", ['role' => $role, 'stage' => $stage], $headers,
    )->assertOk()->getContent();
});

/** @return array<string, string> the print of every part on a page, by its name */
function prints(string $html): array
{
    preg_match_all('/data-print="([0-9a-f]{8})" id="part-([a-z-]+)"/', $html, $found);

    return array_combine($found[2], $found[1]);
}

/** @param  array<string, string>  $prints */
function header(array $prints): string
{
    return implode(' ', array_map(fn (string $name, string $print): string => "$name:$print", array_keys($prints), $prints));
}

it('has a page for every stage, and a view for every part of it', function () {
    foreach (Stages::standard()->all() as $stage) {
        $page = StagePages::standard()->of($stage->key());
        $html = (string) $this->get("$this->base/{$stage->key()->value}?at=c5")->assertOk()->getContent();
        expect(view()->exists($page->view()))->toBeTrue()->and(prints($html))->toHaveKeys(['header', 'strip', 'spine']);
        foreach ($page->parts() as $part) {
            expect(view()->exists($part->view))->toBeTrue($part->view);
        }
    }
});

it('sends the parts that differ from those that the browser has, and no other', function () {
    $has = prints((string) $this->get("$this->base/loads?at=c5")->assertOk()->getContent());
    $was = $this->job->circuits()->where('key', 'c5')->value('role');
    $to = $was === 'off' ? 'must' : 'off';
    $sent = ($this->role)('c5', $to, ['X-Parts' => header($has)]);
    expect(prints($sent))->toHaveKeys(['header', 'strip', 'tally', 'role'])
        ->not->toHaveKey('spine')->not->toHaveKey('board')->not->toHaveKey('drawer')->not->toHaveKey('main')
        ->and($sent)->toContain('id="c-c5"')->not->toContain('id="c-c1"');

    // The same again: nothing but the words of the last change could differ.
    $again = ($this->role)('c5', $to, ['X-Parts' => header([...$has, ...prints($sent)])]);
    expect(array_diff(array_keys(prints($again)), ['header', 'findings', 'own', 'missing']))->toBe([]);
});

it('sends every part that the page has to a browser that does not say what it has', function () {
    $sent = ($this->role)('c5', 'must', ['X-Parts' => '1']);
    expect(prints($sent))->toHaveKeys(['header', 'strip', 'spine', 'tally', 'role', 'own', 'findings']);
});

it('sends the board and the drawer where more than a role has changed', function () {
    $circuit = $this->job->circuits()->where('key', 'c5')->firstOrFail();
    $fields = [
        'space' => (string) $circuit->space, 'half' => $circuit->half ?? '', 'poles' => (string) $circuit->poles,
        'amps' => (string) $circuit->amps,
        'name' => 'Something else', 'protection' => $circuit->protection, 'keep_on' => '', 'receptacle_a' => '',
        'shares_neutral_with' => '', 'note' => '',
        'stage' => 'survey',
    ];
    $sent = (string) $this->patch("$this->base/circuits/c5", $fields, ['X-Parts' => '1'])->assertOk()->getContent();
    expect(prints($sent))->toHaveKeys(['board', 'drawer'])->and($sent)->toContain('Something else');
});

it('draws a breaker anew whose flag is another than the browser shows', function () {
    $job = JobRows::read($this->job);
    $flagged = Review::of($job)->flaggedCircuits();
    $plain = array_values(array_filter(
        array_map(fn (Circuit $c): string => $c->id, $job->circuits()),
        fn (string $id): bool => $id !== 'c5' && ! in_array($id, $flagged, true),
    ))[0];
    // The browser shows a flag on it that is not there any more.
    $sent = ($this->role)('c5', $job->panelWith('c5')?->circuit('c5')?->role->value ?? '', ['X-Parts' => '1', 'X-Flagged' => $plain]);
    preg_match("/<a id=\"c-$plain\".*?<\\/a>/s", $sent, $breaker);
    expect($sent)->toContain("id=\"row-$plain\"")
        ->and($breaker[0] ?? '')->toContain("data-at=\"$plain\"")->not->toContain('class="flagged"');
    foreach ($flagged as $id) {
        expect($sent)->toContain("id=\"c-$id\"");
    }
});

it('knows from a patch what was changed of a circuit', function () {
    $patch = fn (array ...$keys): JobPatch => JobPatch::of(
        array_map(fn (array $key): array => ['key' => $key, 'from' => 1, 'to' => 2], $keys),
    );
    $role = ['panels', 'p', 'circuits', 'c1', 'role'];
    $load = ['panels', 'p', 'circuits', 'c2', 'loads', 'l1', 'run_w'];
    expect($patch($role)->isWithinCircuits('role'))->toBeTrue()
        ->and($patch($role, $load)->isWithinCircuits('role'))->toBeFalse()
        ->and($patch($role, $load)->isWithinCircuits('role', 'loads'))->toBeTrue()
        ->and($patch(['panels', 'p', 'spaces'])->isWithinCircuits('role', 'spaces'))->toBeFalse()
        ->and($patch(['panels', 'p', 'circuits', 'c3'])->isWithinCircuits('role'))->toBeFalse()
        ->and($patch($role, $load, ['panels', 'p', 'circuits', '#order'])->circuits())->toBe(['c1', 'c2']);
});
