<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Design\Design;
use Underpin\Placement\PlaceRow;
use Underpin\Placement\TankPlace;

/** The propane tank stands nearer to a building, or to the line of the lot, than its size allows. */
final class TankNear implements Check
{
    public function findings(Design $design): iterable
    {
        $near = array_values(array_filter(TankPlace::telling($design->job), fn (PlaceRow $row): bool => $row->isBroken()));
        if ($near !== []) {
            yield new Finding(
                Code::TankNear,
                ucfirst($near[0]->what).sprintf(': %s ft; %s ft are kept.', number_format($near[0]->ft(), 1),
                    number_format($near[0]->neededFt, 1)),
                'A fire at the house heats the tank, and its relief valve blows gas into the fire.',
                'The gas supplier moves it, or sets a smaller one: nobody else does. One of up to 1,200 gal may stand at 10 ft where '
                    .'it is 25 ft '
                    .'from others; ask the authority which distance it takes.',
            );
        }
    }
}
