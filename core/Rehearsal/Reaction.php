<?php

declare(strict_types=1);

namespace Underpin\Rehearsal;

use Underpin\Codebook\Alternators;
use Underpin\Limit;
use Underpin\Say;

/** What the machine makes of a change: it carries it, or it stalls, and why. */
final readonly class Reaction
{
    /** Seconds that an engine runs before it takes a load: 3 to 5 minutes. */
    public const WARM_S = 180;

    public function __construct(private House $house, private Feeds $feeds)
    {
    }

    /** What the machine makes of a change: nothing, or it starts what is new, or it gives up. */
    public function taken(State $from, State $to, string $words): State
    {
        $before = $this->feeds->generator($from);
        $fed = $this->feeds->generator($to);
        $new = array_values(array_diff($fed, $before));
        if ($new === []) {
            return $to->saying($words);
        }
        [$a, $b] = $this->house->moment(array_values(array_intersect($fed, $before)), $new);
        $moment = max($a, $b);
        $many = count($new) > 1 ? Say::count(count($new), 'circuit').' at once' : ($this->house->circuit($new[0])?->title() ?? '');
        $supply = $this->house->supply;
        $isMotor = array_filter($new, fn (string $id): bool => ($c = $this->house->circuit($id)) !== null && Limit::over($c->startAmps(),
            $c->runAmps())) !== [];
        $runs = $this->house->legs($fed)->worstAmps();

        return match (true) {
            $moment <= 0.0 => $to->saying($words),
            $this->house->hasEngine() && $to->ranS() < self::WARM_S => $this->stalled(
                $to->saying($words), "$many: ".Say::amps($moment).' hit an engine that has run '.Say::seconds($to->ranS()).'. Cold, it '
                    .'stalls; under a load that comes '
                    .'and goes it burns electronics. Warm it 3 to 5 minutes with nothing on.', true,
            ),
            $to->choke => $this->stalled($to->saying($words), "$many with the choke out: it dies under the load.", true),
            $to->idle && $isMotor => $this->stalled(
                $to->saying($words), "$many in idle mode: it turns too slowly to start a motor, the volts collapse. Idle mode off until "
                    .'all motors run.', true,
            ),
            Limit::over($moment, $supply->surgeLimitAmps()) => $this->stalled(
                $to->saying($words), "$many: ".Say::amps($moment).' for a moment, and the machine gives '
                    .''.Say::amps($supply->surgeLimitAmps())
                    .'. It stalls. One at a time, in the order of the card.', true,
            ),
            Limit::over($runs, $supply->runLimitAmps()) => $this->stalled(
                $to->saying($words), "$many: ".Say::amps($runs).' on one leg, and it carries '.Say::amps($supply->runLimitAmps()).' for '
                    .'hours. Its breaker opens.', true,
            ),
            default => $to->with(dipPct: $this->dip($moment))->saying($words.' '.Say::amps($moment).' for a moment, then '
                .''.Say::amps($runs).'.'),
        };
    }

    public function stalled(State $state, string $why, bool $isMistake): State
    {
        return $state->with(startedS: null, stoppedS: $state->s, dipPct: 100.0)->saying($why, $isMistake);
    }

    /** Per cent of the volts that such a moment takes. */
    private function dip(float $amps): float
    {
        $share = Alternators::REACTANCE_PU * $amps / max(1.0, $this->house->supply->runLimitAmps());

        return 100 * $share / (1 + $share);
    }
}
