<?php

declare(strict_types=1);

use App\Models\RuleProfile;
use Tests\Support\Houses;
use Underpin\Exchange\JobFile;

beforeEach(function () {
    $this->user = $this->person();
    $this->job = $this->job($this->user, Houses::small(Houses::supply(), 'manual_switch'));
    $this->actingAs($this->user);
    $this->base = "/jobs/{$this->job->id}";
    $this->fields = [
        'authority' => 'Gull Point', 'edition' => 'NEC 2020', 'splices_in_panel' => '0', 'permit' => '1', 'inspection' => '0',
        'portable_ft' => '35', 'opening_ft' => '8', 'property_ft' => '10', 'night_db' => '55', 'gas_meter_ft' => '4', 'meter_adapter' => '',
        'who' => 'Licensed electrician',
        'accepts_standard' => '1', 'accepts_optional' => '0', 'accepts_existing' => '1', 'accepts_measured' => '0', 'notes' => 'n',
        'source' => 'letter', 'dated' => '2026-03-31',
    ];
});

it('ships three profiles, to edit and to add to', function () {
    $this->get('/local-rules')->assertOk()->assertSee('Port Merrin inspections')->assertSee('Tarn County')->assertSee('north district');
    $this->post('/local-rules', $this->fields)->assertRedirect('/local-rules');
    $this->get('/local-rules/gull-point')->assertOk()->assertSee('Gull Point');
    $this->post('/local-rules', $this->fields)->assertSessionHasErrors('authority');
    $this->put('/local-rules/gull-point', ['portable_ft' => '10'] + $this->fields)->assertSessionHasErrors('portable_ft');
    $this->put('/local-rules/gull-point', ['dated' => '31 March'] + $this->fields)->assertSessionHasErrors('dated');
    $this->put('/local-rules/gull-point', ['portable_ft' => '40'] + $this->fields)->assertSessionHasNoErrors();
    expect(RuleProfile::query()->where('key', 'gull-point')->firstOrFail()->rules['portable_ft'])->toEqual(40);
    $this->get('/local-rules/nothing')->assertNotFound();
});

it('shows what another profile changes in the job before it is taken', function () {
    $this->get("$this->base/rules")
        ->assertOk()
        ->assertSee('Splices in the panel are not allowed here')
        ->assertSee('not allowed')
        ->assertSee('instead of allowed');
    $this->put("$this->base/rules", ['profile' => 'port-merrin'])->assertRedirect("$this->base/survey");
    $job = JobFile::standard()->decode((string) $this->get("$this->base/job.json")->getContent());
    expect(
        [
            $job->authority->profile, $job->authority->rules->splicesInPanel, $job->authority->rules->portableFt,
            $job->authority->rules->edition,
        ]
    )->toBe(['port-merrin', false, 25.0, 'NEC 2020']);
    $this->get("$this->base/run")->assertSee('at least 25 ft')->assertSee('Port Merrin inspections')->assertSee('2025-11-04');
    $this->post("$this->base/undo", ['seq' => 1]);
    expect(
        JobFile::standard()->decode((string) $this->get("$this->base/job.json")->getContent())->authority->rules->splicesInPanel
    )->toBeTrue();
    $this->put("$this->base/rules", ['profile' => 'nowhere'])->assertSessionHasErrors('profile');
});

it('leaves a job as it is when its profile is edited', function () {
    $this->post('/local-rules', $this->fields);
    $this->put("$this->base/rules", ['profile' => 'gull-point']);
    $this->put('/local-rules/gull-point', ['splices_in_panel' => '1'] + $this->fields);
    expect(
        JobFile::standard()->decode((string) $this->get("$this->base/job.json")->getContent())->authority->rules->splicesInPanel
    )->toBeFalse();
    $this->get("$this->base/rules")->assertSee('instead of not allowed');
});

it('says when a load calculation is not accepted', function () {
    $data = JobFile::standard()->toArray(Houses::small());
    $data['demand'] = ['method' => 'optional', 'floor_area_ft2' => 1000];
    $job = $this->job($this->user, JobFile::standard()->decode((string) json_encode($data)));
    $this->get("/jobs/$job->id/loads")->assertDontSee('is not accepted here');
    $this->post('/local-rules', $this->fields);
    $this->put("/jobs/$job->id/rules", ['profile' => 'gull-point']);
    $this->get("/jobs/$job->id/loads")->assertSee('The optional calculation is not accepted here');
});

it('keeps profiles within their shop', function () {
    $stranger = $this->person('sam@two.example');
    $this->post('/local-rules', $this->fields);
    $this->flushSession();
    $this->actingAs($stranger)->get('/local-rules')->assertDontSee('Gull Point');
    $this->get('/local-rules/gull-point')->assertNotFound();
});
