<?php

declare(strict_types=1);

use Tests\Support\Houses;
use Underpin\Checks\RulesChange;
use Underpin\Exchange\JobFile;
use Underpin\Exchange\JobFileFaults;
use Underpin\Exchange\JobReport;
use Underpin\Job\DemandInputs;
use Underpin\Job\DemandMethod;
use Underpin\Job\Dwelling;
use Underpin\Job\ExistingEquipment;
use Underpin\Job\ExistingFault;
use Underpin\Job\LocalRules;
use Underpin\Job\Panel;
use Underpin\Job\Site;
use Underpin\Sizing\Supply;

use function Tests\pathsOf;

it('goes out and in again without loss', function () {
    $job = Houses::small(Houses::supply(), 'interlock', new LocalRules('Town', 'NEC 2020', false, false));
    expect(JobFile::standard()->decode(JobFile::standard()->encode($job)))->toEqual($job);
});

it('keeps what was found on site and the load calculation', function () {
    $small = Houses::small();
    $job = Houses::job(
        'x', panels: $small->service->panels,
        existing: (new ExistingEquipment)->with(ExistingFault::MaleCord, true)->with(ExistingFault::NeverRun, false),
        site: new Site(0, 250, null, 2000, 95, -10, 20, true, null),
        demand: new DemandInputs(
            DemandMethod::Existing, 240.0, new Dwelling(1500, appliances: [['id' => '7', 'va' => 900.0]], rangesVa: [9000.0]),
        ),
    );
    expect(JobFile::standard()->decode(JobFile::standard()->encode($job)))->toEqual($job);
});

it('needs little', function () {
    $job = JobFile::standard()->decode('{"format":"underpin-job","version":1,"name":"Bare","panels":[]}');
    expect([$job->name, $job->service->panels, Supply::of($job->generator), $job->generator->marginPct])->toBe(['Bare', [], null, 20.0]);
});

it('names every fault by its path', function (callable $break, array $paths) {
    $data = JobFile::standard()->toArray(Houses::small(Houses::supply()));
    $break($data);
    expect(pathsOf($data))->toBe($paths);
})->with([
    'several at once' => [function (array &$d) {
        $d['panels'][0]['circuits'][0]['amps'] = 'twenty';
        $d['panels'][0]['circuits'][1]['role'] = 'maybe';
        $d['margin_pct'] = 99;
        $d['colour'] = 'red';
    }, ['colour', 'panels.0.circuits.0.amps', 'panels.0.circuits.1.role', 'margin_pct']],
    'a space used twice' => [function (array &$d) {
        $d['panels'][0]['circuits'][1]['space'] = 7;
    }, ['panels.0.circuits.1.space']],
    'off the end' => [function (array &$d) {
        $d['panels'][0]['circuits'][4]['space'] = 19;
    }, ['panels.0.circuits.4.space']],
    'odd spaces' => [function (array &$d) {
        $d['panels'][0]['spaces'] = 21;
    }, ['panels.0.spaces']],
    'start below run' => [function (array &$d) {
        $d['panels'][0]['circuits'][0]['loads'][0]['start_w'] = 5;
    }, ['panels.0.circuits.0.loads.0.start_w']],
    'one id twice in the file' => [function (array &$d) {
        $d['panels'][0]['circuits'][1]['loads'][0]['id'] = 'c5-load';
    }, ['panels.0.circuits.1.loads.0.id']],
    'a fuel it does not burn' => [function (array &$d) {
        $d['fuel'] = 'propane';
    }, ['fuel']],
    'a machine without fuel' => [function (array &$d) {
        $d['fuel'] = null;
    }, ['fuel']],
    'peak under running' => [function (array &$d) {
        $d['machine']['ratings'][0]['peak_w'] = 10;
    }, ['machine.ratings.0.peak_w']],
    'outlet that does not match' => [function (array &$d) {
        $d['machine']['outlet_a'] = 50;
    }, ['machine.outlet_a']],
    'a calculation without what it rests on' => [function (array &$d) {
        $d['demand'] = ['method' => 'existing'];
    }, ['demand.floor_area_ft2']],
    'a coldest day above the hottest' => [function (array &$d) {
        $d['site'] = ['coldest_f' => 90, 'hottest_f' => 80];
    }, ['site.coldest_f']],
    'an unknown question' => [function (array &$d) {
        $d['existing'] = [['question' => 'what', 'found' => true]];
    }, ['existing.0.question']],
    'another format' => [function (array &$d) {
        $d['format'] = 'other';
    }, ['format']],
    'an id too long' => [function (array &$d) {
        $d['panels'][0]['circuits'][0]['loads'][0]['id'] = str_repeat('x', 61);
    }, ['panels.0.circuits.0.loads.0.id']],
    'no name' => [function (array &$d) {
        $d['name'] = '';
    }, ['name']],
]);

it('refuses what is no job file', function (string $json) {
    expect(fn () => JobFile::standard()->decode($json))->toThrow(JobFileFaults::class);
})->with(['', 'null', '[]', '"x"', '{', str_repeat('[', 100).str_repeat(']', 100),
    '{"format":"underpin-job","version":1,"name":"x","panels":null}']);

it('publishes the schema that its form reads', function () {
    $published = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/docs/job-file.schema.json'), true);
    $form = json_decode((string) json_encode(JobFile::standard()->form()->schema()), true);
    expect(array_diff_key($published, ['$schema' => 0, 'title' => 0]))->toBe($form);
});

it('reports everything as plain data', function () {
    $report = JobReport::of(Houses::small(Houses::supply(), 'interlock'));
    expect(json_decode(json_encode($report, JSON_THROW_ON_ERROR), true)['size']['verdict'])->toBe('holds')
        ->and(array_keys($report))->toBe(
            ['name', 'stages', 'must_run', 'demand', 'size', 'connections', 'wire', 'card', 'findings', 'set_aside', 'caution']
        );
});

it('says what other local rules would change in a job: the rules, and what is said of it', function () {
    $job = Houses::small(Houses::supply(), 'manual_switch');
    $changes = RulesChange::each($job, ['same' => new LocalRules, 'strict' => new LocalRules(splicesInPanel: false, portableFt: 30)]);
    expect([$changes['same']->rules, $changes['same']->gone, $changes['same']->new])->toBe([[], [], []]);
    $strict = $changes['strict'];
    expect(count($strict->rules))->toBe(2)->and(implode(' ', array_merge(...array_values($strict->rules))))->toContain('30 ft')
        ->and($strict->gone)->toBe(
            [
                'Multi-circuit manual transfer switch: Moved circuits may be spliced in the panel, as far as its wiring space allows.',
                'Transfer panel as a sub-panel: Moved circuits may be spliced in the panel, as far as its wiring space allows.',
            ]
        )
        ->and($strict->new)->toBe([
            'Multi-circuit manual transfer switch: Splices in the panel are not allowed here: bring longer cable to the switch, or set '
                .'a junction box beside the panel.',
            'Transfer panel as a sub-panel: Splices in the panel are not allowed here: a junction box beside it, or longer cable.',
            'Transfer panel in place of the main panel: Splices in the panel are not allowed here: look whether every cable reaches its '
                .'new breaker.',
            'The cord is 25 ft long; the machine stands at least 30 ft away, and 5 ft go into bends and slack.',
        ]);
});

/** @return mixed the same without words that an older file did not have and that say nothing */
function asBefore(mixed $now, mixed $before): mixed
{
    if (! is_array($now) || ! is_array($before)) {
        return $now;
    }
    $known = array_filter(
        $now,
        fn (mixed $value, int|string $word): bool => ! in_array($value, [null, '', []], true) || array_key_exists($word, $before),
        ARRAY_FILTER_USE_BOTH,
    );

    return array_combine(array_keys($known), array_map(
        fn (int|string $word): mixed => asBefore($known[$word], $before[$word] ?? null), array_keys($known),
    ));
}

it('takes every demo job as it was exported before, word for word, and a second round is the first', function (string $path) {
    $old = json_decode((string) file_get_contents($path), true);
    $once = JobFile::standard()->encode(JobFile::standard()->decode((string) file_get_contents($path)));
    $twice = JobFile::standard()->encode(JobFile::standard()->decode($once));
    // Only its version is that of today.
    expect(asBefore(json_decode($once, true), $old))->toEqual(['version' => JobFile::VERSION] + $old)->and($twice)->toBe($once);
})->with(glob(__DIR__.'/golden/jobs/*.json'));

it('takes no id that could be read as something else, and tells none apart by case alone', function (callable $change, string $path) {
    $data = json_decode(JobFile::standard()->encode(Houses::small(Houses::supply(), 'interlock')), true);
    $change($data);
    expect(pathsOf($data))->toBe([$path]);
})->with([
    ...array_combine(
        $ids = ['', 'a b', 'a/b', '..', '.env', '{job}', 'a{b}', 'a.b', "a\n", '-a', '_a', 'ü', 'a%2Fb', "a\0", str_repeat('a', 61)],
        array_map(fn (string $id): array => [
            function (array &$data) use ($id): void {
                $data['panels'][0]['circuits'][0]['id'] = $id;
            },
            'panels.0.circuits.0.id',
        ], $ids),
    ),
    'a panel' => [fn (array &$data) => $data['panels'][0]['id'] = 'a/b', 'panels.0.id'],
    'a load' => [fn (array &$data) => $data['panels'][0]['circuits'][0]['loads'][0]['id'] = 'a.b', 'panels.0.circuits.0.loads.0.id'],
    'a machine' => [fn (array &$data) => $data['machine']['id'] = '{machine}', 'machine.id'],
    'a disconnect' => [
        fn (array &$data) => $data['service'] = ['place' => 'meter', 'disconnects' => [['id' => '..', 'name' => 'D', 'amps' => 200]]],
        'service.disconnects.0.id',
    ],
    'two circuits by case alone' => [fn (array &$data) => $data['panels'][0]['circuits'][1]['id'] = 'C5', 'panels.0.circuits.1.id'],
    'a panel and a disconnect by case alone' => [
        fn (array &$data) => $data['service'] = ['place' => 'meter', 'disconnects' => [['id' => 'MAIN', 'name' => 'D', 'amps' => 200]]],
        'service.disconnects',
    ],
]);

it('takes the ids that it makes itself, and publishes what it takes', function () {
    foreach (['a', '0', 'meter-disconnect', 'p1_c5', str_repeat('a', 60)] as $id) {
        $job = Houses::job('x', panels: [new Panel($id, 'P', 8)]);
        expect(pathsOf(json_decode(JobFile::standard()->encode($job), true)))->toBe([]);
    }
    expect((string) file_get_contents(dirname(__DIR__, 2).'/docs/job-file.schema.json'))->toContain('"^[A-Za-z0-9][A-Za-z0-9_-]*$"');
});

it('takes a file of the first version and of the second, and writes the third', function () {
    $file = JobFile::standard();
    $old = $file->decode('{"format":"underpin-job","version":1,"name":"Old","panels":[]}');
    expect($old->quotes->quotes)->toBe([])->and($old->offer->ownMachine)->toBeNull()->and($old->agreed->steps)->toBe([])
        ->and($file->encode($old))->toContain('"version": 3')->and($file->decode($file->encode($old)))->toEqual($old)
        ->and(fn () => $file->decode('{"format":"underpin-job","version":4,"name":"Old","panels":[]}'))
        ->toThrow(JobFileFaults::class);
});
