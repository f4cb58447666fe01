<?php

declare(strict_types=1);

namespace Underpin\Service;

/**
 * What must be known before anybody touches a bond of neutral and ground that has a switch ahead of
 * it. It may be one too many, and it may be the only one: then a ground fault would never clear, and
 * every metal case would stay live. NEC 2023 250.24, 250.28, 250.32(B)(1), 250.142.
 */
final class BondCaution
{
    public const WHY = 'One bond too many sends neutral current through ground wires, pipes and metal cases. '
        .'But taking out the only one kills: at the first fault every metal case is live, and no breaker trips.';

    public const ONLY_ONE = 'Neutral current runs on whatever metal is joined to it. '
        .'But taking it out kills: at the first fault every metal case behind it is live, and no breaker trips.';

    public const ONE_TOO_MANY = 'Nobody touches it before it is proven that the service has its bond and that the ground of this feeder '
        .'is whole from end to end. Then a licensed electrician, with every source off, locked and proved dead, parts neutrals and '
        .'grounds in this panel; afterwards the path back is measured again.';

    public const FIRST_THE_SERVICE = 'Nobody touches it: no bond is known at the service, so this may be the only one. '
        .'Find the bond at the service first, and whether the ground of this feeder is whole from end to end.';

    public const BEFORE_TOUCHING = 'Nobody touches this bond before it is known what it is and the power is off. Find out first: '
        .'is the disconnect ahead of it marked as service equipment, or "not service equipment"? '
        .'How many wires has the feeder: three, without a ground of its own, or four? Is it in the same building, or does it feed another? '
        .'Behind a disconnect marked "not service equipment", and on a three-wire feeder to another building, it may '
            .'be the only bond, and stays. '
        .'In doubt, ask the utility and the authority.';
}
