<?php

declare(strict_types=1);

use Symfony\Component\Process\Process;
use Tests\Support\Houses;
use Underpin\Connection\ConnectionKind;
use Underpin\JobFile\JobFileJson;

/** @return array{int, mixed} exit code and decoded output */
function artisan(array $words, string $in = ''): array
{
    // Without any database: the commands must not need one.
    $process = new Process(['php', 'artisan', ...$words], base_path(), ['DB_PORT' => '1', 'APP_ENV' => 'production'], $in);
    $process->run();

    return [$process->getExitCode(), json_decode($process->getOutput(), true) ?? $process->getOutput()];
}

it('runs a calculator over standard input', function () {
    [$code, $out] = artisan(['underpin:calc', 'voltage-drop'], '{"material":"cu","size":"10","length_ft":100,"amps":24,"volts":240}');
    expect($code)->toBe(0)->and($out['drop_pct'])->toEqualWithDelta(2.48, 1e-9);
    [$code, $out] = artisan(['underpin:calc', 'legs', '--pretty'], '[{"circuits":[]},{"circuits":5}]');
    expect($code)->toBe(2)->and($out[0]['a_amps'])->toEqual(0)->and($out[1]['error']['field'])->toBe('circuits');
});

it('answers what is wrong with the call in the same form', function () {
    expect(artisan(['underpin:calc', 'nope'], '{}'))->toMatchArray([0 => 2])
        ->and(artisan(['underpin:calc', 'legs'], 'not json')[1]['error']['field'])->toBe('')
        ->and(artisan(['underpin:calc', 'nope', '--describe'])[1]['error']['field'])->toBe('');
});

it('lists and describes', function () {
    expect(artisan(['underpin:calc', '--list'])[1])->toContain('best-set')->toContain('voltage-drop');
    [$code, $about] = artisan(['underpin:calc', 'ampacity', '--describe']);
    expect($code)->toBe(0)->and($about['source'])->toContain('310.16')->and(array_column($about['inputs'], 'name'))->toContain('ambient_c');
});

it('reviews a job file without a database', function () {
    $path = tempnam(sys_get_temp_dir(), 'job');
    file_put_contents($path, JobFileJson::encode(Houses::small(Houses::supply(), ConnectionKind::Interlock)));
    [$code, $report] = artisan(['underpin:review', $path]);
    expect($code)->toBe(0)->and($report['size']['verdict'])->toBe('holds')->and($report['card']['gaps'])->toBe([]);
    file_put_contents($path, '{"format":"underpin-job","version":1,"name":"x","panels":[{"id":"p","name":"P","spaces":7}]}');
    [$code, $report] = artisan(['underpin:review', $path]);
    expect($code)->toBe(2)->and($report['errors'][0]['path'])->toBe('panels.0.circuits');
    unlink($path);
    expect(artisan(['underpin:review', $path])[0])->toBe(2);
});
