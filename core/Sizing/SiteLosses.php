<?php

declare(strict_types=1);

namespace Underpin\Sizing;

use Underpin\Job\Fuel;
use Underpin\Say;

/** What the site does to a machine, in sentences: height, heat and fuel, and what of them is not known. */
final class SiteLosses
{
    /** @return list<string> */
    public static function of(Supply $supply): array
    {
        return array_values(array_filter([self::fuel($supply), self::taken($supply), self::notKnown($supply)]));
    }

    private static function fuel(Supply $supply): string
    {
        return match ($supply->site->has($supply->fuel)) {
            false => "The survey says that there is no {$supply->fuel->value} here: without it the machine stands still.",
            null => $supply->fuel === Fuel::Diesel ? '' : "Whether there is {$supply->fuel->value} here is not known.",
            true => '',
        };
    }

    private static function taken(Supply $supply): string
    {
        $site = $supply->site;
        $at = Say::list(array_values(array_filter([
            $site->altitudeFt === null ? '' : number_format($site->altitudeFt).' ft',
            $site->hottestF === null ? '' : 'the hottest day of '.number_format($site->hottestF).' °F',
        ])));
        if ($at === '' || $supply->machine->form->isBattery() || $supply->derate->left() === 1.0) {
            return '';
        }

        return sprintf(
            'At %s the engine gives %s of that, %s running and %s starting, %s.',
            $at, Say::pct(100 * $supply->derate->left()), Say::watts($supply->runW()), Say::watts($supply->peakW()),
            $supply->machine->losses->pctPer1000Ft !== null && $supply->machine->losses->pctPer10F !== null
                ? 'by its own manual'
                : 'by the usual rule for an engine without a turbocharger; its manual comes first',
        );
    }

    private static function notKnown(Supply $supply): string
    {
        if ($supply->machine->form->isBattery()) {
            return '';
        }
        $open = array_keys(array_filter([
            'the altitude' => $supply->site->altitudeFt === null, 'the hottest day' => $supply->site->hottestF === null,
        ]));

        return $open === []
            ? ''
            : ucfirst(Say::list($open)).(count($open) === 1 ? ' is not known: what it takes' : ' are not known: what they take')
                .' from an engine is not counted.';
    }
}
