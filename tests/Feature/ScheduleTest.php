<?php

declare(strict_types=1);

use Illuminate\Http\UploadedFile;
use Tests\Support\Houses;
use Underpin\JobFile\JobFile;
use Underpin\Service\Panel;

beforeEach(function () {
    $this->user = $this->person();
    $this->job = $this->job($this->user, new JobFile('Empty', panels: [new Panel('main', 'Main panel', 42)]));
    $this->actingAs($this->user);
    $this->base = "/jobs/{$this->job->id}";
    $this->upload = fn (string $csv) => $this->post("$this->base/schedule", ['file' => UploadedFile::fake()->createWithContent('panel.csv', $csv)]);
});

it('shows a schedule first and takes it only then', function () {
    $page = ($this->upload)(Houses::schedule42())->assertOk()->assertSee('36 breakers in 42 spaces')->assertSee('Colour')->assertSee('Take all');
    expect($this->job->circuits()->count())->toBe(0);
    $this->post("$this->base/schedule/take", ['text' => $page->viewData('text')])->assertRedirect("$this->base/loads");
    expect($this->job->circuits()->count())->toBe(36)->and($this->job->panels()->count())->toBe(1)->and($this->job->loads()->count())->toBe(51);
    $csv = $this->get("$this->base/schedule.csv")->assertOk()->getContent();
    $again = ($this->upload)((string) $csv);
    $this->post("$this->base/schedule/take", ['text' => $again->viewData('text')]);
    expect($this->get("$this->base/schedule.csv")->getContent())->toBe($csv);
    $this->post("$this->base/undo", ['seq' => 2]);
    $this->post("$this->base/undo", ['seq' => 1]);
    expect($this->job->circuits()->count())->toBe(0);
});

it('lists the faults and takes the good rows when asked', function () {
    $page = ($this->upload)("space,amps,circuit,role\n1,20,Good,must\n1,30,Again,must\n43,20,Next,perhaps\n")->assertOk()
        ->assertSee('used twice')->assertSee('must be must, room or off')->assertSee('Take the 1 good rows');
    $this->post("$this->base/schedule/take", ['text' => $page->viewData('text')]);
    expect($this->job->circuits()->pluck('name')->all())->toBe(['Good']);
});

it('takes pasted rows too', function () {
    $this->post("$this->base/schedule", ['pasted' => "space\tamps\tcircuit\n1\t20\tPasted\n"])->assertOk()->assertSee('1 breakers');
});

it('refuses with a message and keeps what is there', function (array $input) {
    $this->post("$this->base/schedule", $input)->assertSessionHasErrors('file');
    $this->post("$this->base/schedule/take", ['text' => base64_encode((string) ($input['pasted'] ?? ''))])->assertSessionHasErrors('file');
    expect($this->job->circuits()->count())->toBe(0)->and($this->job->changes()->count())->toBe(0);
})->with([
    'nothing' => [[]], 'blank' => [['pasted' => "  \n"]], 'no columns' => [['pasted' => "hello\nworld\n"]], 'a zip' => [['pasted' => "PK\x03\x04\x00"]],
]);

it('does not take a file without a good row', function () {
    $bad = "space,amps\nx,y\n";
    $this->post("$this->base/schedule", ['pasted' => $bad])->assertOk()->assertDontSee('Take');
    $this->post("$this->base/schedule/take", ['text' => base64_encode($bad)])->assertSessionHasErrors('file');
    expect($this->job->circuits()->count())->toBe(0)->and($this->job->changes()->count())->toBe(0);
});
