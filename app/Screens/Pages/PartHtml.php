<?php

declare(strict_types=1);

namespace App\Screens\Pages;

use App\Screens\JobScreen;

/** A part of a page as markup, marked with a print of itself: by that the server sees which parts a browser has already. */
final readonly class PartHtml
{
    private function __construct(public string $print, public string $html)
    {
    }

    /**
     * @param  view-string  $view
     * @param  array<string, mixed>  $data  beside the screen
     */
    public static function of(string $view, JobScreen $screen, array $data = []): self
    {
        $html = ltrim(view($view, ['screen' => $screen, ...$data])->render());
        $print = hash('xxh32', $html);

        return new self($print, (string) preg_replace('/^<[a-z]+/', "$0 data-print=\"$print\"", $html, 1));
    }
}
