<?php

declare(strict_types=1);

namespace Underpin\Job;

enum PanelKind: string
{
    case Main = 'main';
    case Sub = 'sub';

    public function words(): string
    {
        return $this === self::Main ? 'main panel' : 'sub-panel';
    }
}
