<?php

declare(strict_types=1);

it('names a field in a refusal as the screen names it', function () {
    $user = $this->person();
    $job = $this->job($user);
    $this->actingAs($user);
    $this->put("/jobs/$job->id/service", ['place' => 'cabinet']);
    $this->post("/jobs/$job->id/service/disconnects", ['name' => 'House', 'amps' => '200', 'bonded' => '1', 'marking' => '']);
    $this->post("/jobs/$job->id/recordings", ['name' => 'Evening', 'inlet_a' => '30', 'buffer_a' => '0']);
    $key = $job->recordings()->firstOrFail()->key;
    $this->post("/jobs/$job->id/recordings/$key/stop");
    $pages = [
        '/', '/library/new', '/machines/new', '/local-rules/new', ...array_map(fn (string $page): string => "/jobs/$job->id/$page", [
            'survey', 'survey?at=c5', 'survey?panel=main&space=7', 'loads?at=c5', 'size', 'wire', 'run', 'demand', 'schools', 'recordings',
            "recordings/$key", 'meter', 'intervals',
        ]),
    ];
    $strange = [];
    $checked = 0;
    foreach ($pages as $page) {
        $html = new DOMDocument;
        @$html->loadHTML((string) $this->get($page)->assertOk()->getContent());
        $find = new DOMXPath($html);
        foreach ($find->query('//form[contains("postPUTPATCH", @method)]') as $form) {
            $labels = [];
            $sent = [];
            foreach ($find->query('.//input[@name]|.//select[@name]|.//textarea[@name]', $form) as $input) {
                $name = $input->getAttribute('name');
                $sent[$name] = str_starts_with($name, '_') ? $input->getAttribute('value') : '~';
                $label = $find->query('.//label[@for="'.$input->getAttribute('id').'"]', $form)->item(0);
                if ($label !== null && $input->getAttribute('id') !== '') {
                    $labels[$name] = trim((string) $label->firstChild?->textContent);
                }
            }
            if (($sent['_method'] ?? '') === 'DELETE') {
                continue;
            }
            unset($sent['_token'], $sent['was']);
            $answer = $this->call(
                'POST', (string) parse_url($form->getAttribute('action'), PHP_URL_PATH), $sent,
                server: ['HTTP_ACCEPT' => 'application/json'],
            );
            foreach ($answer->status() === 422 ? $answer->json('errors') : [] as $field => $messages) {
                if (isset($labels[$field])) {
                    $checked++;
                    if (! str_starts_with($messages[0], $labels[$field])) {
                        $strange["$page $field"] = "\"$labels[$field]\" on the screen; $messages[0]";
                    }
                }
            }
        }
    }
    expect($strange)->toBe([])->and($checked)->toBeGreaterThan(80);
});
