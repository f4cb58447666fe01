<?php

declare(strict_types=1);

use App\Models\Job;

beforeEach(function () {
    $this->actingAs($this->demo());
    $this->open = fn (string $name): string => '/jobs/'.Job::query()->where('name', $name)->firstOrFail()->id;
});

it('lists what is ordered, what for, and what must be measured first', function () {
    $base = ($this->open)('Kestrel Gap goat dairy');
    $this->get("$base/price-and-papers")->assertOk()->assertSee('6 AWG copper, black')->assertSee(
        'generator run from Inlet to Generator breaker',
    )
        ->assertSee('Hold-down kit for a back-fed breaker')->assertSee('PVC schedule 40, trade size')->assertDontSee('the kind of raceway');
    $this->put("$base/wire", [
        'cord_ft' => '30', 'run_ft' => '', 'slack_ft' => '', 'inlet_a' => '50', 'method' => 'conduit', 'raceway' => 'PVC40', 'trade' => '',
        'bend_deg' => '', 'material' => 'cu', 'terminal_c' => '60', 'ambient_c' => '30', 'wet' => '0', 'buried' => '', 'cover_in' => '',
        'under_drive' => '', 'torque_breaker_inlb' => '', 'torque_neutral_inlb' => '', 'torque_ground_inlb' => '',
        'torque_inlet_inlb' => '',
    ])->assertSessionHasNoErrors();
    $this->get("$base/price-and-papers")->assertDontSee('generator run from Inlet to Generator breaker')
        ->assertSee('the length of the run to the panel')->assertSee('6 AWG copper, black: 0 ft, quoted 38');
});

it('gives the list out as a sheet that runs nothing', function () {
    $base = ($this->open)('Kestrel Gap goat dairy');
    $job = json_decode((string) $this->get("$base/job.json")->getContent(), true);
    $job['panels'][0]['name'] = '=HYPERLINK("x")';
    $file = Illuminate\Http\Testing\File::createWithContent('job.json', (string) json_encode($job));
    $this->post('/jobs/import', ['file' => $file])->assertRedirect();
    $csv = (string) $this->get('/jobs/'.Job::query()->latest('id')->firstOrFail()->id.'/parts.csv')->assertOk()->getContent();
    expect($csv)->toContain('conductor,"6 AWG copper, black",38,ft,generator run from Inlet to Generator breaker,38,ft,Penhallow '
        .'Electric Supply,2')
        ->and(preg_match('/(^|,)"?=/m', $csv))->toBe(0);
});

it('says that nothing can be ordered before there is a machine and a way', function () {
    $job = $this->job(App\Models\User::query()->firstOrFail());
    $this->get("/jobs/$job->id/price-and-papers")->assertOk()->assertSee('Nothing to order yet');
});

it('prints the packet and the letters, within the time and the room of a paper', function () {
    $base = ($this->open)('Lake Ansgar lodge');
    foreach (['permit-packet', 'utility-letter', 'gas-letter', 'owners-folder'] as $paper) {
        $began = microtime(true);
        $pdf = (string) $this->get("$base/papers/$paper.pdf")->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent();
        expect($pdf)->toStartWith('%PDF')->and(microtime(true) - $began)->toBeLessThan(4.0);
    }
    $path = (string) tempnam(sys_get_temp_dir(), 'paper');
    file_put_contents($path, $this->get("$base/papers/permit-packet.pdf")->getContent());
    $printed = (string) preg_replace('/\s+/', ' ', (string) shell_exec('pdftotext -layout '.escapeshellarg($path).' -'));
    unlink($path);
    expect($printed)->toContain(
        'State electrical inspector, north district',
    )->toContain('49,256')->toContain('Automatic switch of East panel');
});

it('says why a paper waits, and knows no other', function () {
    $base = ($this->open)('Salt Wharf row house');
    $this->get("$base/papers/gas-letter.pdf")->assertRedirect("$base/price-and-papers");
    $this->get("$base/price-and-papers")->assertSee('the machine burns no gas');
    $this->get("$base/papers/love-letter.pdf")->assertNotFound();
});
