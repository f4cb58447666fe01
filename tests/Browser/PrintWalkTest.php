<?php

declare(strict_types=1);

use Tests\Support\Browser;

it('prints every stage as a sheet: job, address, day, shop, page of pages, and nothing that is pressed', function () {
    $b = Browser::open()->signIn()->visit('/?q=Kestrel');
    $job = (string) parse_url($b->attribute('.job-card', 'href'), PHP_URL_PATH);
    $printed = function (string $path) use ($b, $job): string {
        $b->visit("$job/$path");
        $pdf = tempnam(sys_get_temp_dir(), 'print');
        $sheet = ['printBackground' => true, 'preferCSSPageSize' => true];
        file_put_contents($pdf, base64_decode((string) $b->command('Page.printToPDF', $sheet)['data']));
        $words = (string) preg_replace('/\s+/', ' ', (string) shell_exec('pdftotext -layout '.escapeshellarg($pdf).' - 2>&1'));
        unlink($pdf);

        return $words;
    };
    foreach ([
        'survey' => 'From the utility to the panels', 'loads' => 'Chest freezers', 'grid' => 'Milk cooler', 'size' => 'Holds',
        'connect' => 'Interlock on the panel main', 'wire' => 'Generator breaker', 'place-and-fuel' => 'Kitchen door',
        'price-and-papers' => 'Sales tax', 'install' => 'Prove dead', 'prove' => 'Before the first start', 'run' => 'Turn on in this order',
        'keep' => 'hours',
    ] as $stage => $says) {
        $words = $printed($stage);
        expect($words)->toContain('Kestrel Gap goat dairy')->toContain('418 Kestrel Gap Road')->toContain('Ridge and Harbor Electric')
            ->toMatch('/printed \d{4}-\d{2}-\d{2}/')->toMatch('/Page 1 of \d+/')->toContain($says)
            ->not->toContain('Fill down')->not->toContain('Next: ')->not->toContain('Judge again')->not->toContain('Work it out')
            ->not->toContain('Side by side')->not->toContain('Set aside');
    }
    $b->close();
});
