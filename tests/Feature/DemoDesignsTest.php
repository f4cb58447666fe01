<?php

declare(strict_types=1);

namespace Tests\Feature\DemoDesignsTest;

use App\Models\Job;
use App\Screens\FindingSpots;
use Tests\Support\WireForm;
use Underpin\Checks\Finding;
use Underpin\Checks\Review;
use Underpin\Checks\Severity;
use Underpin\Exchange\JobFile;
use Underpin\Job\Job as JobData;
use Underpin\Job\Panel;
use Underpin\Job\Part\LoadPart;
use Underpin\Job\Part\PanelPart;
use Underpin\Job\Part\WireRunPart;

/**
 * As a form shows it.
 *
 * @param  array<string, mixed>  $values
 * @return array<string, string>
 */
function shown(array $values): array
{
    $plain = array_filter($values, fn (mixed $value): bool => ! is_array($value));

    return array_map(fn (mixed $value): string => is_bool($value) ? (string) (int) $value : (string) $value, $plain);
}

/**
 * What the advice of a finding asks for, done at its own stage: method, path, fields.
 *
 * @return array{string, string, array<string, string>}
 */
function advised(Finding $finding, JobData $job): array
{
    $code = $finding->code->value;
    $wire = fn (array $changes): array => ['PUT', 'wire', $changes + WireForm::with(shown(WireRunPart::writeRun($job->wire)))];
    $panel = array_values(array_filter(
        $job->service->panels, fn (Panel $p): bool => str_starts_with($finding->what, $p->name),
    ))[0] ?? null;

    return match (true) {
        str_starts_with($code, 'EXISTING_') => ['PUT', 'existing', ['question' => strtolower(substr($code, 9)), 'found' => '0']],
        $code === 'NEUTRAL_IN_SUBPANEL' => ['PATCH', "panels/$panel?->id", ['bonded' => '0'] + shown(PanelPart::write($panel))],
        $code === 'MULTIWIRE_ONE_LEG' => ['PATCH', 'circuits/h10/move', ['space' => '8']],
        $code === 'OTHER_SOURCE' => ['PUT', 'service/other-source', [
            'kind' => 'solar', 'at' => 'hall', 'disconnect' => 'SOLAR, garage wall', 'run' => 'locked_off',
        ]],
        $code === 'DOUBLE_BOND', $code === 'BONDED_GFCI_TRIP' => ['PUT', 'machine', ['key' => 'badger-95', 'fuel' => 'gasoline']],
        $code === 'BURIAL_SHALLOW' => $wire(['cover_in' => '18']),
        $code === 'CORD_SHORT' => $wire(['cord_ft' => '25']),
        $code === 'INLET_UNDER_OUTLET' => $wire(['inlet_a' => '']),
        $code === 'WIRING_WET' => $wire(['method' => 'conduit']),
        $code === 'MEDICAL_LEFT_OFF' => ['PATCH', "circuits/$finding->circuitId/role", ['role' => 'must', 'stage' => 'loads']],
        $code === 'MEDICAL_NOT_BRIDGED' => [
            'PATCH', 'loads/h5-load',
            ['bridge_min' => '120'] + shown(LoadPart::write($job->panelWith('h5')?->circuit('h5')?->loads[0])),
        ],
        $code === 'LEGS_UNEVEN' => ['PATCH', 'circuits/h2/move', ['space' => '4']],
        default => throw new \LogicException("$code ({$finding->what}): $finding->do"),
    };
}

beforeEach(function () {
    $this->actingAs($this->demo());
    $this->job = Job::query()->where('name', 'Harrow Lane, as found')->firstOrFail();
    $this->base = "/jobs/{$this->job->id}";
    // Words of a drawing, from the file that is taken along.
    $this->drawn = fn (string $name, int $sheet = 1): string => html_entity_decode(
        strip_tags(str_replace('</text>', ' ', (string) $this->get("$this->base/drawings/$name/$sheet.svg")->assertOk()->getContent())),
    );
    $this->review = fn (): Review => Review::of(
        JobFile::standard()->decode((string) $this->get("$this->base/job.json")->getContent()),
    );
});

it('shows a lethal legacy as what it is, and is mended by its own advice until nothing is left', function () {
    $review = ($this->review)();
    expect(count($review->dangers()))->toBeGreaterThan(5)
        ->and(array_filter($review->findings, fn (Finding $f): bool => $f->severity === Severity::Wrong))->not->toBe([])
        ->and(array_filter($review->findings, fn (Finding $f): bool => $f->severity === Severity::Advice))->not->toBe([]);
    $same = fn (Finding $x, Finding $y): bool => $x->code === $y->code && $x->what === $y->what;
    for ($done = 0; $review->findings !== [] && $done < 60; $done++) {
        $finding = $review->findings[0];
        $page = $this->get(
            "$this->base/{$finding->stage->value}".($finding->circuitId === null ? '' : "?at=$finding->circuitId"),
        )->assertOk();
        $page->assertSee($finding->what)->assertSee($finding->do);
        $fragment = FindingSpots::fragment($finding);
        if ($fragment !== '') {
            $page->assertSee("id=\"$fragment\"", false)->assertSee("#$fragment\"", false);
        }
        [$method, $path, $fields] = advised($finding, $review->design->job);
        $this->call($method, "$this->base/$path", $fields)->assertRedirect();
        expect(session('errors'))->toBeNull("$path: $finding->what");
        $review = ($this->review)();
        expect(array_filter($review->findings, fn (Finding $f): bool => $same($f, $finding)))->toBe([]);
    }
    expect($review->findings)->toBe([])->and($done)->toBeGreaterThan(15);
    $this->get("$this->base/run")->assertOk()->assertDontSee('danger-head', false);
});

it('finds nothing that kills in the three designs that are sound', function (string $name) {
    $job = Job::query()->where('name', 'like', "$name%")->firstOrFail();
    $review = Review::of(JobFile::standard()->decode((string) $this->get("/jobs/$job->id/job.json")->getContent()));
    expect(array_map(fn (Finding $f): string => $f->what, $review->dangers()))->toBe([]);
})->with(['Kestrel Gap', 'Salt Wharf', 'Lake Ansgar']);

it('goes from survey to drawings in a lodge of 400 A with two automatic switches', function () {
    $this->job = Job::query()->where('name', 'Lake Ansgar lodge')->firstOrFail();
    $this->base = "/jobs/{$this->job->id}";
    $hookUp = ($this->drawn)('hook-up');
    expect(substr_count($hookUp, 'N–G bond'))->toBe(2)->and($hookUp)->toContain('Trough with taps')->toContain('tap 2 neutral');
    expect(($this->drawn)('one-line'))->not->toContain('Draft')->and(
        substr_count(($this->drawn)('one-line'), 'Automatic switch '),
    )->toBe(2);
    $this->get("$this->base/wire")->assertSee('East disconnect is the service disconnect. It keeps its bond');
});

it('goes from survey to drawings in a row house where no splices are allowed', function () {
    $this->job = Job::query()->where('name', 'Salt Wharf row house')->firstOrFail();
    $this->base = "/jobs/{$this->job->id}";
    $this->get("$this->base/wire")->assertSee('The local rules allow no splices in the panel');
    expect(($this->drawn)('hook-up'))->toContain('Junction box beside the panel')->toContain('cable of 1 neutral')
        ->and(($this->drawn)('one-line'))->not->toContain('Draft')
        ->and(($this->drawn)('labels'))->toContain('floating neutral');
});
