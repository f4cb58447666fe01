<?php

declare(strict_types=1);

use Tests\Support\Changed;
use Tests\Support\Houses;
use Underpin\Job\LocalRules;
use Underpin\Stages\Stages;

it('cites no other edition than the one that the local rules of the job name, on any page of it', function () {
    $job = $this->job($user = $this->person(), Changed::of(
        Houses::small(Houses::supply(), 'interlock'), rules: new LocalRules(edition: 'NEC 2017'),
    ));
    $this->actingAs($user);
    $pages = [
        ...array_map(fn ($stage): string => $stage->key()->value, Stages::standard()->all()),
        'grid', 'demand', 'intervals', 'schools', 'outage', 'card', 'loads?at=c5', 'survey?at=c5',
    ];
    foreach ($pages as $page) {
        $html = (string) $this->get("/jobs/$job->id/$page")->assertOk()->getContent();
        expect(preg_match_all('/NEC 20(?!17)\d\d[^<]*/', $html, $found))->toBe(0, "$page: ".implode(' ', $found[0] ?? []));
    }
});
