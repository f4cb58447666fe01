<?php

declare(strict_types=1);

namespace Underpin\Install;

use Underpin\Checklist\ChecklistStep;
use Underpin\Design\Design;
use Underpin\Install\Section\Bonds;
use Underpin\Install\Section\Closing;
use Underpin\Install\Section\Connecting;
use Underpin\Install\Section\Insulation;
use Underpin\Install\Section\Isolation;
use Underpin\Install\Section\Light;
use Underpin\Install\Section\Mounting;
use Underpin\Install\Section\Neutrals;
use Underpin\Install\Section\Notice;
use Underpin\Install\Section\ProveDead;
use Underpin\Install\Section\Pulling;
use Underpin\Install\Section\Signs;

/** The steps of an installation in working order, from the thing that will be built. */
final class InstallList
{
    /** @return list<ChecklistStep> none: nothing is wired, or it is not known yet what */
    public static function of(Design $design): array
    {
        $site = WorkSite::of($design);

        return $site === null ? [] : array_merge([], ...array_map(
            fn (Section $section): array => $section->steps($site), self::sections(),
        ));
    }

    /** @return list<Section> in working order */
    private static function sections(): array
    {
        return [
            new Notice, new Light, new Isolation, new ProveDead, new Mounting, new Pulling, new Connecting, new Insulation, new Neutrals,
            new Bonds, new Signs, new Closing,
        ];
    }
}
