<?php

declare(strict_types=1);

namespace Underpin\Prove;

use Underpin\Checklist\ChecklistStep;
use Underpin\Design\Design;
use Underpin\Prove\Section\HandOver;
use Underpin\Prove\Section\Loading;
use Underpin\Prove\Section\NoLoad;
use Underpin\Prove\Section\Ready;
use Underpin\Prove\Section\Transfer;
use Underpin\Prove\Section\WayBack;

/** The steps of the commissioning in their order, by the kind of machine and the way that it is connected. */
final class ProveList
{
    /** @return list<ChecklistStep> none: no machine or no way is picked */
    public static function of(Design $design): array
    {
        $trial = Trial::of($design);

        return $trial === null ? [] : array_merge([], ...array_map(
            fn (Section $section): array => $section->steps($trial), self::sections(),
        ));
    }

    /** @return list<Section> in their order */
    private static function sections(): array
    {
        return [new Ready, new NoLoad, new Transfer, new Loading, new WayBack, new HandOver];
    }
}
