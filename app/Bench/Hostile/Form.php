<?php

declare(strict_types=1);

namespace App\Bench\Hostile;

use DOMDocument;
use DOMElement;
use DOMXPath;

/** A form as a page shows it: where it goes, how, and what stands in its fields. */
final readonly class Form
{
    /** What would end the attack itself, or take others' jobs away: tried by tests of their own. */
    private const LEFT_ALONE = '~/(?:sign-out|removed|people|account|undo|redo)\b|^/jobs/\d+$~';

    /**
     * @param  string  $path  where it goes
     * @param  string  $method  as the route has it
     * @param  array<string, string>  $fields
     */
    public function __construct(public string $path, public string $method, public array $fields)
    {
    }

    /** @return list<self> the forms of a page that change something */
    public static function of(string $html): array
    {
        $page = new DOMDocument;
        libxml_use_internal_errors(true); // it does not know the elements of drawings
        $page->loadHTML('<?xml encoding="utf-8">'.$html);
        libxml_clear_errors();
        $xpath = new DOMXPath($page);
        $forms = [];
        foreach ($xpath->query('//form[@method="post"]') ?: [] as $form) {
            if (! $form instanceof DOMElement) {
                continue;
            }
            $path = (string) parse_url($form->getAttribute('action'), PHP_URL_PATH);
            $fields = self::fields($xpath, $form);
            $method = $fields['_method'] ?? 'POST';
            unset($fields['_token'], $fields['_method']);
            if ($method !== 'PATCH' && preg_match(self::LEFT_ALONE, $path) === 1) {
                continue;
            }
            $forms[] = new self($path, $method, $fields);
        }

        return $forms;
    }

    /** @return array<string, string> */
    private static function fields(DOMXPath $xpath, DOMElement $form): array
    {
        $fields = [];
        foreach ($xpath->query('.//input[@name] | .//textarea[@name] | .//select[@name] | .//button[@name]', $form) ?: [] as $field) {
            if (! $field instanceof DOMElement || $field->getAttribute('type') === 'file') {
                continue;
            }
            $chosen = $field->tagName === 'select' ? $xpath->query('.//option[@selected]', $field) : false;
            $option = $chosen === false ? null : $chosen->item(0);
            $fields[$field->getAttribute('name')] = match (true) {
                $option instanceof DOMElement => $option->getAttribute('value'),
                $field->tagName === 'textarea' => $field->textContent,
                default => $field->getAttribute('value'),
            };
        }

        return $fields;
    }
}
