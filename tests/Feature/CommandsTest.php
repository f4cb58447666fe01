<?php

declare(strict_types=1);

namespace Tests\Feature\CommandsTest;

use Symfony\Component\Process\Process;
use Tests\Support\Changed;
use Tests\Support\DxfReader;
use Tests\Support\Houses;
use Underpin\Exchange\JobFile;
use Underpin\Job\Disconnect;
use Underpin\Job\DisconnectPlace;
use Underpin\Job\Service;
use Underpin\Job\WireRun;

/** @return array{int, mixed} exit code and decoded output */
function artisan(array $words, string $in = ''): array
{
    // Without any database: the commands must not need one.
    $nowhere = ['DB_PORT' => '1', 'DB_SOCKET' => '', 'APP_ENV' => 'production'];
    $process = new Process(['php', 'artisan', ...$words], base_path(), $nowhere, $in);
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
    file_put_contents($path, JobFile::standard()->encode(Houses::small(Houses::supply(), 'interlock')));
    [$code, $report] = artisan(['underpin:review', $path]);
    expect($code)->toBe(0)->and($report['size']['verdict'])->toBe('holds')->and($report['card']['gaps'])->toBe([]);
    file_put_contents($path, '{"format":"underpin-job","version":1,"name":"x","panels":[{"id":"p","name":"P","spaces":7}]}');
    [$code, $report] = artisan(['underpin:review', $path]);
    expect($code)->toBe(2)->and($report['errors'][0]['path'])->toBe('panels.0.circuits');
    unlink($path);
    expect(artisan(['underpin:review', $path])[0])->toBe(2);
});

it('lists and prints the drawings that follow from a job file', function () {
    $path = (string) tempnam(sys_get_temp_dir(), 'job');
    file_put_contents($path, JobFile::standard()->encode(Changed::of(
        Houses::small(Houses::supply(), 'interlock'), wire: new WireRun(25, 20), serviceAmps: 200,
    )));
    [$code, $sheets] = artisan(['underpin:draw', $path, '--list']);
    expect($code)->toBe(0)->and(array_column($sheets, 'name'))
        ->toBe(['one-line', 'hook-up', 'plug-faces', 'labels', 'panel-before', 'panel-after', 'directory', 'service', 'marks',
            'door-label'])
        ->and(array_filter(array_column($sheets, 'title')))->toHaveCount(10);
    foreach (array_column($sheets, 'name') as $name) {
        [$code, $svg] = artisan(['underpin:draw', $path, $name, '--format=svg']);
        expect($code)->toBe(0)->and(@simplexml_load_string($svg))->not->toBeFalse();
        [$code, $dxf] = artisan(['underpin:draw', $path, $name, '--format=dxf']);
        expect($code)->toBe(0)->and((new DxfReader($dxf))->entities('TEXT'))->not->toBe([]);
        [$code, $text] = artisan(['underpin:draw', $path, $name, '--format=text']);
        expect($code)->toBe(0)->and(substr_count($text, "\n"))->toBeGreaterThan(2);
    }
    expect(artisan(['underpin:draw', $path, 'hook-up', '--format=text'])[1])->toContain('generator run, hot A');

    file_put_contents($path, JobFile::standard()->encode(Houses::small(Houses::supply())));
    expect(array_column(artisan(['underpin:draw', $path, '--list'])[1], 'name'))->toContain('panel-before')->not->toContain('panel-after');
    unlink($path);
});

it('prints the parts that follow from a job file, and what is missing', function () {
    $path = (string) tempnam(sys_get_temp_dir(), 'job');
    file_put_contents($path, JobFile::standard()->encode(Changed::of(
        Houses::small(Houses::supply(), 'interlock'), wire: new WireRun(25, 20), serviceAmps: 200,
    )));
    [$code, $parts] = artisan(['underpin:parts', $path]);
    expect($code)->toBe(0)->and($parts['missing'])->toBe(['the kind of raceway'])
        ->and(array_column($parts['lines'], 'quantity', 'part')['10 AWG copper, black'])->toBe(20)
        ->and(array_keys($parts['lines'][0]))->toBe(['kind', 'part', 'quantity', 'unit', 'because']);
    file_put_contents($path, '{"format": "underpin-job"}');
    [$code, $refused] = artisan(['underpin:parts', $path]);
    expect($code)->toBe(2)->and($refused['error'])->toHaveKeys(['field', 'message']);
    unlink($path);
});

it('prints the dates of a job file for a calendar that another reader takes', function () {
    $path = (string) tempnam(sys_get_temp_dir(), 'job');
    file_put_contents($path, JobFile::standard()->encode(Houses::job(
        'Mill; lane, Ä', supply: Houses::supply(), connection: 'interlock',
    )));
    [$code, $text] = artisan(['underpin:calendar', $path, '--today=2026-11-25']);
    expect($code)->toBe(0)->and($text)->toStartWith("BEGIN:VCALENDAR\r\n")->toEndWith("END:VCALENDAR\r\n")
        ->toContain("DTSTART;VALUE=DATE:20270525\r\n")->toContain("RRULE:FREQ=MONTHLY;INTERVAL=6\r\n")
        ->and(preg_match('/(?<!\r)\n/', $text))->toBe(0)
        ->and(max(array_map(strlen(...), explode("\r\n", $text))))->toBeLessThanOrEqual(75)
        ->and(artisan(['underpin:calendar', $path, '--today=2026-11-25'])[1])->toBe($text);
    preg_match_all('/^UID:(.+)$/m', $text, $ids);
    expect(array_unique($ids[1]))->toBe($ids[1])->and(count($ids[1]))->toBe(8)
        ->and($text)->toContain('SUMMARY:Ask for the permit (')->toContain('SUMMARY:Order the parts (');
    [$code, $refused] = artisan(['underpin:calendar', $path, '--today=2026-02-30']);
    expect($code)->toBe(2)->and($refused['error']['field'])->toBe('today');
    unlink($path);
});

it('says what is wrong with a call for a drawing', function (array $words, string $field, string $says) {
    $path = (string) tempnam(sys_get_temp_dir(), 'job');
    file_put_contents($path, JobFile::standard()->encode(Houses::small(Houses::supply(), 'interlock')));
    [$code, $out] = artisan(['underpin:draw', ...array_map(fn (string $w): string => $w === 'FILE' ? $path : $w, $words)]);
    unlink($path);
    expect($code)->toBe(2)->and($out['error']['field'])->toBe($field)->and($out['error']['message'])->toContain($says)
        ->and($out['errors'])->not->toBe([]);
})->with([
    [['FILE', 'kite'], 'name', '"kite"'], [['FILE'], 'name', 'none'], [['FILE', 'one-line', '--format=pdf'], 'format', '"pdf"'],
    [['/nowhere.json', '--list'], '', 'nowhere'],
]);

it('names the first fault of a file and all of them', function () {
    $path = tempnam(sys_get_temp_dir(), 'job');
    file_put_contents($path, '{"format":"underpin-job","version":1,"name":"x","service_a":5,"panels":[],"margin_pct":"x"}');
    [$code, $report] = artisan(['underpin:review', $path]);
    unlink($path);
    expect($code)->toBe(2)
        ->and($report['error']['field'])->toBe('service_a')
        ->and($report['error']['message'])->toBe('Service must be a whole number of amperes from 30 to 600; 5 was given.')
        ->and(array_column($report['errors'], 'field'))->toBe(['service_a', 'margin_pct']);
    expect(artisan(['underpin:review', '/nowhere'])[1]['error']['field'])->toBe('');
});

it('says in a review what to find out before a bond is touched, and holds the card back', function () {
    $path = tempnam(sys_get_temp_dir(), 'job');
    $job = Changed::of(
        Houses::small(Houses::supply(), 'interlock'),
        service: new Service(DisconnectPlace::Meter, [new Disconnect('m', 'Meter disconnect', 200, false)]),
    );
    file_put_contents($path, JobFile::standard()->encode($job));
    [, $report] = artisan(['underpin:review', $path]);
    unlink($path);
    $bond = array_values(array_filter($report['findings'], fn (array $f): bool => $f['code'] === 'NEUTRAL_IN_SUBPANEL'))[0];
    expect($bond['do'])->toContain('Nobody touches this bond')->and($report['card']['gaps'])->toContain($bond['message'])
        ->and($report['card']['start'])->not->toBe([])
        ->and(implode(' ', $report['card']['cautions']))->toContain('call the emergency number (911), stay out');
});

it('reads a panel schedule as the page does, without a database', function () {
    $path = (string) tempnam(sys_get_temp_dir(), 'sheet');
    file_put_contents($path, "Maple Street 4,,\nCkt,Description,Bkr\n1,Kitchen,20/1\n9-Nov,Well,30\n12,Bath / Hall,15/20\n3,SPACE,\n");
    [$code, $read] = artisan(['underpin:schedule', $path]);
    expect($code)->toBe(0)->and($read['faults'])->toBe([])
        ->and(array_map(
            fn (array $c): array => [$c['space'], $c['half'], $c['poles'], $c['amps'], $c['name']], $read['panels'][0]['circuits'],
        ))
        ->toBe([[1, null, 1, 20, 'Kitchen'], [9, null, 2, 30, 'Well'], [12, 'a', 1, 15, 'Bath'], [12, 'b', 1, 20, 'Hall']])
        ->and($read['columns'])->toBe(['space', 'name', 'amps+poles'])
        ->and($read['doubts'][0]['row'])->toBe(4)
        ->and($read['panels'][0]['name'])->toBeNull()
        ->and(array_keys($read['panels'][0]['circuits'][0]))->toBe(
            ['space', 'poles', 'half', 'amps', 'name', 'protection', 'role', 'loads']
        );

    file_put_contents($path, "Ckt,Description,Bkr\n1,Kitchen,twenty\n2,Bath,15\n");
    [$code, $read] = artisan(['underpin:schedule', $path]);
    expect($code)->toBe(1)->and($read['faults'][0])->toMatchArray(['row' => 2, 'column' => 'amps'])
        ->and($read['panels'][0]['circuits'])->toHaveCount(1);

    file_put_contents($path, "Dear Nell,\nthe panel is full.\n");
    [$code, $read] = artisan(['underpin:schedule', $path]);
    expect($code)->toBe(2)->and($read['error']['field'])->toBe('')
        ->and($read['error']['message'])->toContain('no column numbers the spaces');
    unlink($path);
    expect(artisan(['underpin:schedule', $path])[0])->toBe(2);
});
