<?php

declare(strict_types=1);

namespace Underpin\Sizing;

use Underpin\Job\Circuit;
use Underpin\Limit;
use Underpin\Loads\StartSequence;

/**
 * Circuits that can run at the same time on a supply. Chosen by running current with the
 * exact search; a set whose best start would still pass the surge limit gives up the circuit
 * with the hardest start until it does not, a medical one last.
 */
final readonly class LoadSet
{
    /** What a circuit with medical equipment is worth against any other. */
    private const MEDICAL_WORTH = 50.0;

    /**
     * @param  list<Circuit>  $on  in panel order, those that were given as fixed included
     * @param  list<Circuit>  $waiting  that there is no room for at the same time, and that can be told to wait
     * @param  list<Circuit>  $medicalWaiting  the same with medical equipment: nobody may be told to turn it off
     * @param  list<Circuit>  $unweighed  with no figures, so nobody can say
     */
    private function __construct(
        public array $on, public array $waiting, public array $medicalWaiting, public array $unweighed, public StartSequence $starting,
    ) {
    }

    /**
     * @param  list<Circuit>  $fixed  on in any case
     * @param  list<Circuit>  $wanted  to be chosen from
     */
    public static function bestOf(Supply $supply, array $fixed, array $wanted): self
    {
        $weighable = array_values(array_filter($wanted, fn (Circuit $c): bool => ! $c->figuresMissing()));
        $unweighed = array_values(array_filter($wanted, fn (Circuit $c): bool => $c->figuresMissing()));

        // The search takes 20. Where there are more, the largest are weighed against each
        // other and the small remainder is added after them, as far as it fits. What is medical is among the first, however small.
        $bySize = $weighable;
        usort($bySize, fn (Circuit $x, Circuit $y): int => [$y->isMedical(), $y->runAmps()] <=> [$x->isMedical(), $x->runAmps()]);
        $weighed = array_slice($bySize, 0, BestSet::MOST);
        $on = [...$fixed, ...self::choose($supply, $fixed, $weighed)];
        foreach (array_slice($bySize, BestSet::MOST) as $small) {
            $on = [...$on, ...self::choose($supply, $on, [$small])];
        }

        $on = self::withinSurge($supply, $fixed, $on);
        $ids = array_map(fn (Circuit $c): string => $c->id, $on);
        $chosen = array_values(array_filter($weighable, fn (Circuit $c): bool => in_array($c->id, $ids, true)));
        $waiting = array_values(array_filter($weighable, fn (Circuit $c): bool => ! in_array($c->id, $ids, true)));

        return new self(
            [...$fixed, ...$chosen], array_values(array_filter($waiting, fn (Circuit $c): bool => ! $c->isMedical())),
            array_values(array_filter($waiting, fn (Circuit $c): bool => $c->isMedical())), $unweighed, Fit::startingOn($supply, $on),
        );
    }

    /**
     * @param  list<Circuit>  $fixed
     * @param  list<Circuit>  $wanted
     * @return list<Circuit>
     */
    private static function choose(Supply $supply, array $fixed, array $wanted): array
    {
        $already = Fit::runningOn($supply, $fixed);
        $set = BestSet::choose(
            max(0.0, $supply->runLimitAmps() - $already->aAmps),
            max(0.0, $supply->runLimitAmps() - $already->bAmps),
            array_map(
                fn (Circuit $c): Candidate => new Candidate($c->id, $supply->hotFor($c->leg()), $c->runAmps(), self::worth($c)), $wanted,
            ),
        );

        return array_values(array_filter($wanted, fn (Circuit $c): bool => in_array($c->id, $set->ids, true)));
    }

    /**
     * @param  list<Circuit>  $fixed
     * @param  list<Circuit>  $on
     * @return list<Circuit>
     */
    private static function withinSurge(Supply $supply, array $fixed, array $on): array
    {
        $keep = array_map(fn (Circuit $c): string => $c->id, $fixed);
        while (Limit::over(Fit::startingOn($supply, $on)->peakAmps(), $supply->surgeLimitAmps())) {
            $droppable = array_filter($on, fn (Circuit $c): bool => ! in_array($c->id, $keep, true));
            if ($droppable === []) {
                break;
            }
            usort($droppable, fn (Circuit $x, Circuit $y): int => [$x->isMedical(), $y->startAmps() - $y->runAmps()]
                <=> [$y->isMedical(), $x->startAmps() - $x->runAmps()]);
            $on = array_values(array_filter($on, fn (Circuit $c): bool => $c->id !== $droppable[0]->id));
        }

        return $on;
    }

    private static function worth(Circuit $circuit): float
    {
        return $circuit->isMedical() ? self::MEDICAL_WORTH : 1.0;
    }
}
