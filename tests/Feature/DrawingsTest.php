<?php

declare(strict_types=1);

use Tests\Support\DxfReader;
use Underpin\Design\Design;
use Underpin\Drawing\DesignDrawing;
use Underpin\Drawing\Drawing;
use Underpin\Drawing\Drawings;
use Underpin\Drawing\Sheet;

beforeEach(function () {
    $this->user = $this->person();
    $this->job = $this->job($this->user);
    $this->actingAs($this->user);
    $this->base = "/jobs/{$this->job->id}";
});

it('gives every drawing of a job as PDF, SVG and DXF, with its names in them', function (string $drawing, string $word) {
    $this->put("$this->base/machine", ['key' => 'badger-95', 'fuel' => 'gasoline', 'was' => '{}'])->assertSessionHasNoErrors();
    $this->put("$this->base/connection", ['connection' => 'interlock']);
    $pdf = $this->get("$this->base/drawings/$drawing/1.pdf")->assertOk()->assertHeader('Content-Type', 'application/pdf');
    $path = (string) tempnam(sys_get_temp_dir(), 'underpin');
    file_put_contents($path, $pdf->getContent());
    $printed = (string) preg_replace('/\s+/', ' ', (string) shell_exec('pdftotext -layout '.escapeshellarg($path).' -'));
    $pages = (string) shell_exec('pdfinfo '.escapeshellarg($path));
    unlink($path);
    expect($printed)->toContain($word)->toContain('Small house')->toContain('licensed electrician')
        ->and($pages)->toMatch('/Pages: +1\n/');

    $svg = $this->get("$this->base/drawings/$drawing/1.svg")->assertOk()->assertHeader('Content-Type', 'image/svg+xml');
    expect($svg->getContent())->toContain($word)
        ->and($svg->headers->get('Content-Disposition'))->toMatch('/^attachment; filename="small-house-[a-z0-9-]+\.svg"$/');
    $dxf = $this->get("$this->base/drawings/$drawing/1.dxf")->assertOk()->assertHeader('Content-Type', 'image/vnd.dxf');
    expect(array_column((new DxfReader($dxf->getContent()))->entities('TEXT'), 1))->toContain($word);
})->with([['one-line', 'Meter'], ['hook-up', 'Inlet'], ['labels', 'WARNING: TWO SOURCES'], ['panel-before', 'Well pump'],
    ['panel-after', 'Well pump'], ['directory', 'Well pump'],
    ['service', 'utility']]);

it('has no drawing, sheet or kind of file that is not there', function (string $path) {
    $this->get("$this->base/drawings/$path")->assertNotFound();
})->with([
    'panel-before/2.svg', 'panel-before/0.svg', 'panel-before/1.exe', 'panel-before/999.pdf', 'kite/1.svg', 'panel-before/1',
    'panel-before/-1.svg', 'panel-before/1.svg.svg', 'hook-up/1.svg', 'panel-after/1.svg',
]);

it('heads every page and every paper of a job with what can kill, and leads to where it is mended', function () {
    $this->get("$this->base/wire")->assertDontSee('danger-head', false);
    $this->put("$this->base/existing", ['question' => 'male_cord', 'found' => '1', 'was' => '{"found":null}'])->assertRedirect();
    foreach (['survey', 'loads', 'size', 'connect', 'wire', 'run'] as $stage) {
        $this->get("$this->base/$stage")->assertSee('danger-head', false)->assertSee("$this->base/survey#existing-male_cord", false);
    }
    $path = (string) tempnam(sys_get_temp_dir(), 'underpin');
    file_put_contents($path, $this->get("$this->base/drawings/service/1.pdf")->getContent());
    expect((string) shell_exec('pdftotext -layout '.escapeshellarg($path).' -'))->toContain('Danger, to be mended first:');
    unlink($path);
});

it('offers the files where the drawings are', function () {
    $this->get("$this->base/survey")->assertOk()
        ->assertSee("$this->base/drawings/panel-before/1.pdf", false)->assertSee("$this->base/drawings/service/1.dxf", false);
});

it('gives a drawing that is added to the registry at its address with nothing else changed', function () {
    $this->app->instance(Drawings::class, Drawings::standard()->with(new class implements DesignDrawing
    {
        public function key(): string
        {
            return 'kite';
        }

        public function title(): string
        {
            return 'Kite';
        }

        public function sheets(Design $design): array
        {
            return [new Drawing('Kite', Sheet::diagram(10, 10), [])];
        }
    }));
    foreach (['pdf', 'svg', 'dxf'] as $format) {
        $this->get("$this->base/drawings/kite/1.$format")->assertOk();
    }
});
