<?php

declare(strict_types=1);

use App\Bench\Hostile\Attack;
use App\Bench\Hostile\GoodFiles;
use App\Bench\Hostile\Tally;
use GuzzleHttp\Client;
use GuzzleHttp\Cookie\CookieJar;
use Tests\Support\Houses;

/* A sample of what `./underpin bench hostile` does to the served app. */

const TOGETHER = 300;

it('answers forms and files that are not what they should be in words, and keeps what was acknowledged', function (): void {
    $url = (string) getenv('UNDERPIN_URL');
    $good = GoodFiles::of(Houses::small());
    $doors = $people = [];
    // Not the one who signs in at the other tests: what takes long has a limit for each person.
    foreach (['tobiah', 'tobiah', 'tobiah'] as $n => $name) {
        $doors[$n] = new Client(['base_uri' => $url, 'cookies' => new CookieJar, 'allow_redirects' => false]);
        $token = function (string $page) use ($doors, $n): string {
            preg_match('/name="csrf-token" content="([^"]+)"/', (string) $doors[$n]->get($page)->getBody(), $found);

            return $found[1];
        };
        $person = ['email' => "$name@ridgeandharbor.example", 'password' => 'demo-shop-2026'];
        $doors[$n]->post('/sign-in', ['form_params' => ['_token' => $token('/sign-in')] + $person]);
        $made = $doors[$n]->post('/jobs/import', ['multipart' => [
            ['name' => '_token', 'contents' => $token('/account')],
            ['name' => 'file', 'contents' => $good['job'], 'filename' => 'house.json'],
        ]]);
        $people[$n] = $person + ['job' => (int) basename($made->getHeaderLine('Location'))];
    }
    $attack = new Attack($url, $good);
    $attack->run($people, fn (Tally $tally): bool => $tally->forms + $tally->files >= TOGETHER);

    expect($attack->tally->faults)->toBe([])
        ->and($attack->tally->files)->toBeGreaterThan(50)
        ->and($attack->tally->forms)->toBeGreaterThan(150)
        ->and($attack->tally->statuses[422] ?? 0)->toBeGreaterThan(50)
        ->and($attack->tally->statuses[200] ?? 0)->toBeGreaterThan(50)
        ->and(count($attack->acknowledged))->toBe(3);
    foreach ($people as $n => $person) {
        $file = json_decode((string) $doors[$n]->get("/jobs/{$person['job']}/job.json")->getBody(), true);
        expect($file['name'])->toBe($attack->acknowledged[$person['job']]);
    }
});

it('would notice an error page, a trace and an answer that did not come', function (): void {
    $tally = new Tally;
    $tally->note('GET /a', new GuzzleHttp\Psr7\Response(500, [], 'x'));
    $tally->note('GET /b', new GuzzleHttp\Psr7\Response(200, [], 'SQLSTATE[42000]'));
    $tally->note('GET /c', null);
    $tally->note('GET /d', new GuzzleHttp\Psr7\Response(422, [], '{"errors":{}}'));
    expect($tally->faults)->toHaveCount(3)->and($tally->statuses)->toBe([500 => 1, 200 => 1, 0 => 1, 422 => 1]);
});
