<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Assembly\Line;
use Underpin\Codebook\RacewayBends;
use Underpin\Codebook\Source;
use Underpin\Codebook\SplitPhase;
use Underpin\Job\Laying;
use Underpin\Job\WireRun;
use Underpin\Job\WiringMethod;
use Underpin\Say;
use Underpin\Sizing\Supply;
use Underpin\Wiring\VoltageDrop;

/** What the wire table says of the run beside its conductors: length, bends, cover, what it carries for hours, drop on one leg, torque. */
final class RunRows
{
    /** What a set that is not listed for more carries for three hours and longer. NEC 2023 210.20(A). */
    private const FOR_HOURS = 0.8;

    /** @return list<Line> */
    public static function of(WireRun $run, Supply $supply, ?VoltageDrop $cord, ?VoltageDrop $laid): array
    {
        return [
            self::length($run), ...self::bends($run), ...self::cover($run->laying), self::forHours($supply->machine->outletAmps),
            ...self::oneLeg($supply, $cord, $laid), self::torque($run->laying),
        ];
    }

    private static function length(WireRun $run): Line
    {
        $length = $run->lengthFt();
        $slack = $run->laying->slackFt;

        return new Line('Length', $length === null ? 'to be measured' : Say::figure($length).' ft one way', match (true) {
            $length === null => 'Along the way that it will lie, not across.',
            $slack === null => 'As measured, with no slack added for the ends.',
            default => Say::figure((float) $run->runFt).' ft, and '.Say::figure($slack).' ft of slack for both ends.',
        }, Source::nec('300.14, 312.6'));
    }

    /** @return list<Line> */
    private static function bends(WireRun $run): array
    {
        $deg = $run->laying->bendDeg;
        $most = Say::figure(RacewayBends::MOST_DEG);

        return $run->method === WiringMethod::Cable ? [new Line(
            'Bends', 'no tighter than five times the width of the cable', 'A sharper one breaks the insulation where nobody sees it.',
            Source::nec('334.24'),
        )] : [new Line(
            'Bends', $deg === null ? "at most {$most}° between two pulls" : Say::figure($deg)."° of {$most}° between two pulls",
            'More cannot be pulled without harm: a box or a fitting that opens goes between.', Source::nec('358.26, 352.26'),
        )];
    }

    /** @return list<Line> */
    private static function cover(Laying $laying): array
    {
        $least = $laying->burial?->leastIn($laying->underDrive === true);
        $said = $laying->coverIn === null ? '' : ', '.Say::figure($laying->coverIn).' in said';
        $drive = match ($laying->underDrive) {
            true => ', under a driveway of the house',
            false => '',
            null => '; whether it lies under a driveway is not known, and there it is 18 in for every kind',
        };

        return $laying->burial === null || $least === null ? [] : [new Line(
            'Cover', 'at least '.Say::figure($least)." in$said",
            ucfirst($laying->burial->words()).$drive.'. Protected from 18 in below grade, or '
                .'from the cover that it has, to 8 ft above. Call for the buried lines before anybody digs.',
            Source::nec('300.5(A), 300.5(D)'),
        )];
    }

    private static function forHours(int $amps): Line
    {
        return new Line(
            'For hours', Say::figure(self::FOR_HOURS * $amps)." A of $amps A",
            'What runs three hours and longer takes at most four fifths of a breaker, plug and inlet that are not listed for more.',
            Source::nec('210.20(A), 215.3'),
        );
    }

    /** @return list<Line> */
    private static function oneLeg(Supply $supply, ?VoltageDrop $cord, ?VoltageDrop $laid): array
    {
        if (! $supply->feedsBothLegs() || ($cord === null && $laid === null)) {
            return [];
        }
        // There on one hot and back on the neutral, as large: the same volts, of 120.
        $lostV = ($cord->dropV ?? 0.0) + ($laid->dropV ?? 0.0);

        return [new Line(
            'Drop on one leg', Say::volts($lostV).' of 120 V, '.Say::pct(100 * $lostV / SplitPhase::LEG_V),
            "With {$supply->machine->outletAmps} A on one leg alone: it comes back over the neutral, so the loss is twice that of 240 V "
                .'in per cent.',
            Source::nec('210.19, 215.2, informational notes'),
        )];
    }

    private static function torque(Laying $laying): Line
    {
        $known = array_filter([
            'breaker' => $laying->breakerInLb, 'neutral bar' => $laying->neutralInLb, 'ground bar' => $laying->groundInLb,
            'inlet' => $laying->inletInLb,
        ], is_float(...));
        $read = array_map(fn (string $at, float $inLb): string => "$at ".Say::figure($inLb).' in-lb', array_keys($known), $known);

        return new Line(
            'Torque', $read === [] ? 'read it from each label' : implode(', ', $read),
            'By the label of the part, with a calibrated tool, and once more after the wire is dressed. Nothing here is taken from a '
                .'table.',
            Source::nec('110.14(D)'),
        );
    }
}
