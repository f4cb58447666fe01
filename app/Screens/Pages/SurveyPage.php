<?php

declare(strict_types=1);

namespace App\Screens\Pages;

use App\Screens\JobScreen;
use Illuminate\Http\Request;
use Underpin\StageKey;

final class SurveyPage implements StagePage
{
    public function stage(): StageKey
    {
        return StageKey::Survey;
    }

    public function view(): string
    {
        return 'survey.page';
    }

    public function script(): string
    {
        return 'resources/js/survey/page.js';
    }

    public function isDecided(): bool
    {
        return false;
    }

    public function isOnePart(): bool
    {
        return false;
    }

    public function drawer(): Drawer
    {
        return new Drawer('survey.breaker', 'survey.unselected');
    }

    public function parts(): array
    {
        return [
            Part::any('parts.header'), Part::any('parts.strip'), Part::any('parts.spine'), Part::any('survey.details'),
            Part::of('survey.chain', 'service', 'service_a', 'panels')->beside('role', 'loads', 'measured'),
            Part::of('survey.existing', 'existing'), Part::of('survey.site', 'site'),
            Part::any('parts.tally'), Part::of('parts.board', 'panels')->beside('role'), Part::any('parts.circuits'),
            Part::of('parts.drawer', 'panels', 'service')->beside('role'),
            Part::any('parts.role'), Part::any('parts.own'), Part::any('parts.findings'), Part::any('parts.missing'),
        ];
    }

    public function data(JobScreen $screen, Request $request): array
    {
        return [];
    }
}
