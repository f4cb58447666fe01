<?php

declare(strict_types=1);

use App\Models\Job;
use Underpin\Exchange\JobFile;
use Underpin\Job\SetAside;

beforeEach(function () {
    $this->nell = $this->demo();
    $this->actingAs($this->nell);
    $this->job = Job::query()->where('name', 'Harrow Lane, as found')->firstOrFail();
    $this->base = "/jobs/{$this->job->id}";
    $this->aside = fn (): SetAside => JobFile::standard()->decode((string) $this->get("$this->base/job.json")->getContent())
        ->setAside;
});

it('sets advice aside with a reason and a name, and takes it up again', function () {
    $said = 'There are no labels of the second source.';
    $this->get("$this->base/survey")->assertSee($said)->assertDontSee('Take it up again');
    $fields = ['code' => 'EXISTING_NO_LABELS', 'circuit' => '', 'stage' => 'survey'];
    $this->put("$this->base/set-aside", ['reason' => 'labels come with the new panel'] + $fields)->assertSessionHasNoErrors();
    [$advice] = ($this->aside)()->advice;
    expect([$advice->code, $advice->by, $advice->reason])->toBe(
        ['EXISTING_NO_LABELS', $this->nell->name, 'labels come with the new panel'],
    );
    $this->get("$this->base/survey")->assertSee("Set aside by {$this->nell->name}")->assertSee('labels come with the new panel');
    $this->delete("$this->base/set-aside", $fields)->assertSessionHasNoErrors();
    expect(($this->aside)()->advice)->toBe([]);
    $this->get("$this->base/survey")->assertSee($said)->assertDontSee('Take it up again');
});

it('sets nothing aside that is wrong or kills, that is not there, or without a reason', function (array $fields, string $field) {
    $this->put("$this->base/set-aside", $fields + ['circuit' => '', 'reason' => 'because'])->assertSessionHasErrors($field);
    expect(($this->aside)()->advice)->toBe([]);
    $this->get("$this->base/survey")->assertSee('danger-head', false);
})->with([
    'what kills' => [['code' => 'EXISTING_MALE_CORD'], 'reason'], 'what is wrong' => [['code' => 'CORD_SHORT'], 'reason'],
    'what is not there' => [['code' => 'EXISTING_CORD_LOST'], 'reason'],
    'no reason' => [['code' => 'EXISTING_NO_LABELS', 'reason' => ''], 'reason'],
    'no code' => [['code' => ''], 'code'],
]);

it('comes back to a page that is there, whatever the stage is said to be', function (string $stage) {
    $fields = ['code' => 'EXISTING_NO_LABELS', 'circuit' => '', 'stage' => $stage, 'reason' => 'later'];
    $this->put("$this->base/set-aside", $fields)->assertRedirect();
    $this->delete("$this->base/set-aside", $fields)->assertRedirect();
})->with(['wire', 'keep', 'nothing', '']);

it('hides no danger that a file says was set aside', function () {
    $json = json_decode((string) $this->get("$this->base/job.json")->getContent(), true);
    $json['set_aside'] = [['code' => 'EXISTING_MALE_CORD', 'circuit' => '', 'reason' => 'x', 'by' => 'x', 'on' => '2026-11-26']];
    $review = Underpin\Checks\Review::of(JobFile::standard()->decode((string) json_encode($json)));
    expect(array_map(fn ($f): string => $f->code->value, $review->dangers()))->toContain('EXISTING_MALE_CORD')
        ->and($review->setAside)->toBe([]);
});
