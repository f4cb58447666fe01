<?php

declare(strict_types=1);

namespace Underpin\Sizing;

use Underpin\Job\LoadBasis;
use Underpin\Say;

/** Which of some machines to take, in three sentences: what it does, what the next one would cost or lack, and what that rests on. */
final class Recommendation
{
    /**
     * @param  non-empty-list<Fit>  $fits  that are compared, in any order
     * @return list<string>
     */
    public static function among(array $fits, LoadBasis $basis): array
    {
        usort($fits, fn (Fit $x, Fit $y): int => self::rank($x) <=> self::rank($y));
        $first = $fits[0];

        return [self::take($first), ...isset($fits[1]) ? [self::against($first, $fits[1])] : [], self::restsOn($first, $basis)];
    }

    /** @return array{bool, int, bool, int} */
    private static function rank(Fit $fit): array
    {
        return [
            $fit->supply->fuelIsMissing(), $fit->verdict->value, $fit->isFarTooLarge(), $fit->supply->machine->priceUsd ?? PHP_INT_MAX,
        ];
    }

    private static function take(Fit $fit): string
    {
        $words = $fit->supply->words();
        $start = sprintf('%s of what it gives for a moment is left at the worst start', Say::pct($fit->startSparePct()));
        $free = Say::pct($fit->sparePct()).' is free on the worse leg';

        return match (true) {
            $fit->supply->fuelIsMissing() => "None of them has its fuel here; $words comes first: ".lcfirst($fit->words()->standing()).'.',
            default => self::byVerdict($fit, $words, $free, $start),
        };
    }

    private static function byVerdict(Fit $fit, string $words, string $free, string $start): string
    {
        return match ($fit->verdict) {
            Verdict::Holds => "Take $words: $free and $start.",
            Verdict::Tight => "$words holds only just: $free and $start.",
            Verdict::Unknown => "None of them can be judged whole; $words comes first for what is known.",
            Verdict::Short => "None of them holds; $words is nearest: ".lcfirst($fit->words()->standing()).'.',
        };
    }

    private static function against(Fit $first, Fit $next): string
    {
        $price = fn (Fit $fit): ?int => $fit->supply->machine->priceUsd;
        $differs = $price($first) === null || $price($next) === null ? '' : match (true) {
            $price($next) > $price($first) => ', at $'.number_format($price($next) - $price($first)).' more',
            $price($next) < $price($first) => ', at $'.number_format($price($first) - $price($next)).' less',
            default => ', at the same price',
        };

        return sprintf('Next comes %s%s: %s.', $next->supply->words(), $differs, lcfirst($next->words()->standing()));
    }

    private static function restsOn(Fit $fit, LoadBasis $basis): string
    {
        $missing = $fit->plan->missingWords();

        return sprintf(
            'That rests on %s%s%s; the label of the machine and the electrician on site come first.', $basis->words(),
            $fit->plan->season === null ? '' : ", in {$fit->plan->season->value}", $missing === '' ? '' : ", while $missing",
        );
    }
}
