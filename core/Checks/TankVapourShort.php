<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Design\Design;
use Underpin\Limit;

/** The propane tank boils off less on the coldest day than all that burns from it takes, the machine at the loads of this job. */
final class TankVapourShort implements Check
{
    public function findings(Design $design): iterable
    {
        $fuel = $design->fuel();
        $gives = $fuel?->vapourBtuh();
        $wants = $fuel?->tankWantsBtuh();
        if ($gives !== null && $wants !== null && Limit::over($wants, $gives)) {
            yield new Finding(
                Code::TankVapourShort,
                sprintf('On the coldest day the tank gives %s BTU/h; all that burns from it takes %s.', number_format($gives),
                    number_format($wants)),
                'The tank freezes its own gas: the engine starves in the night that it is for.',
                'A larger tank, or two joined, or one in the ground; the supplier says which. Keep it fuller before the cold.',
            );
        }
    }
}
