<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Codebook\Burial;
use Underpin\Design\Design;
use Underpin\Limit;
use Underpin\Say;

/** Less earth over a buried run than it needs. */
final class BurialShallow implements Check
{
    public function findings(Design $design): iterable
    {
        $laying = $design->job->wire->laying;
        $burial = $laying->burial ?? Burial::None;
        $least = $burial->leastIn($laying->underDrive === true);
        if ($least !== null && $laying->coverIn !== null && Limit::over($least, $laying->coverIn)) {
            yield new Finding(
                Code::BurialShallow,
                sprintf(
                    'The run lies %s in deep; %s needs %s in%s.', Say::figure($laying->coverIn), $burial->words(),
                    Say::figure($least), $laying->underDrive === true ? ' under a driveway' : '',
                ),
                'A spade or a fence post reaches it.',
                'Lie it deeper, or in a conduit that needs less.',
            );
        }
    }
}
