<?php

declare(strict_types=1);

namespace Underpin\Outage\House;

use Underpin\Codebook\UsualRunning;
use Underpin\Job\Load;
use Underpin\Legs\Leg;
use Underpin\Sizing\StartDip;
use Underpin\Sizing\Supply;

/** A load as the machine feels it: watts, and amperes on either leg, while it runs and while it starts. */
final readonly class HouseLoad
{
    /** @var array{float, float, float} watts, amperes on A, amperes on B */
    public array $runs;

    /** @var array{float, float, float} */
    public array $starts;

    public float $startS;

    /** of the voltage, when it starts alone; 0: it draws no more than while it runs, or electronics make the voltage */
    public float $dipPct;

    /**
     * @param  int  $circuit  place of its circuit in the house
     * @param  Leg  $hot  on which it hangs on the machine
     * @param  int  $volts  across it
     */
    public function __construct(public int $circuit, Load $load, Leg $hot, int $volts, Supply $supply, public Pattern $pattern)
    {
        $this->runs = self::drawn($load->knownRunW(), $load->pf, $hot, $volts);
        $this->starts = self::drawn(max($load->knownStartW(), $load->knownRunW()), $load->pf, $hot, $volts);
        $this->startS = $this->starts === $this->runs ? 0.0 : UsualRunning::of($load->kind->value)->startS;
        $va = $load->knownStartW() / $load->pf;
        $this->dipPct = $this->startS > 0 ? StartDip::of($supply, $va, $hot !== Leg::AB)->pct ?? 0.0 : 0.0;
    }

    /** @return array{float, float, float} */
    private static function drawn(float $watts, float $pf, Leg $hot, int $volts): array
    {
        $amps = $watts / $pf / $volts;

        return [$watts, $hot->onA() ? $amps : 0.0, $hot->onB() ? $amps : 0.0];
    }
}
