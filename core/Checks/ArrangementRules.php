<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Checks\Rules\Judgement;
use Underpin\Checks\Rules\Rule;
use Underpin\Design\Design;

/**
 * The rules of an arrangement over the design. Where a check of a whole job knows more (names, figures of this house, whether a bond is
 * the only one) that check speaks, and the rule is silent here.
 */
final class ArrangementRules implements Check
{
    /** what a check of its own, or a reason of the way, says with this job's names */
    private const SAID_ELSEWHERE = [
        Code::MultiwireOn120, Code::OtherSource, Code::NeutralInSubpanel, Code::DoubleBond, Code::BondedGfciTrip, Code::DropLong,
        Code::InletUnderOutlet, Code::WiringWet, Code::OverRun, Code::OverSurge, Code::LegsUneven, Code::InterlockUnlisted,
        Code::InterlockPlace, Code::CollarUnapproved, Code::Only120, Code::InletSmallFuture, Code::OpeningNear, Code::HouseNear,
        Code::WallNear,
        Code::ServiceSpace,
    ];

    public function findings(Design $design): iterable
    {
        $arrangement = PlannedArrangement::of($design);
        if ($arrangement === null) {
            return;
        }
        foreach ((new Judgement($arrangement))->found as $rule) {
            if (! self::isSaidElsewhere($rule)) {
                $said = $rule->says($arrangement);
                yield new Finding($rule->code(), $said->what, $said->why, $said->do);
            }
        }
    }

    public static function isSaidElsewhere(Rule $rule): bool
    {
        return in_array($rule->code(), self::SAID_ELSEWHERE, true);
    }
}
