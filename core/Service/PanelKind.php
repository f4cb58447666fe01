<?php

declare(strict_types=1);

namespace Underpin\Service;

enum PanelKind: string
{
    case Main = 'main';
    case Sub = 'sub';

    public function words(): string
    {
        return $this === self::Main ? 'main panel' : 'sub-panel';
    }
}
