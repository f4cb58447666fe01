<?php

declare(strict_types=1);

namespace App\Screens\Pages;

use App\Screens\JobScreen;
use Illuminate\Http\Request;
use Underpin\Assembly\Component;
use Underpin\Assembly\ComponentKind;
use Underpin\Keep\Care;
use Underpin\Keep\SwitchTrend;
use Underpin\StageKey;

final class KeepPage extends PlainPage
{
    /** Lines of the log that are shown at once; "all" shows the rest. */
    private const SHOWN = 60;

    public function stage(): StageKey
    {
        return StageKey::Keep;
    }

    public function view(): string
    {
        return 'keep.page';
    }

    public function script(): string
    {
        return 'resources/js/keep/page.js';
    }

    public function isDecided(): bool
    {
        return false;
    }

    public function data(JobScreen $screen, Request $request): array
    {
        $today = now()->toDateString();
        $entries = $screen->job->log->newestFirst();
        $switches = $screen->design()->way() === null ? [] : ($screen->design()->assembly()?->components(ComponentKind::Switch) ?? []);

        return [
            'care' => new Care($screen->design(), $today), 'today' => $today, 'switches' => $switches,
            'entries' => $request->boolean('all') ? $entries : array_slice($entries, 0, self::SHOWN), 'all' => count($entries),
            'trends' => array_combine(
                array_map(fn (Component $c): string => $c->name, $switches),
                array_map(fn (Component $c): SwitchTrend => new SwitchTrend($screen->job->log->of($c->name), $c->amps), $switches),
            ),
        ];
    }
}
