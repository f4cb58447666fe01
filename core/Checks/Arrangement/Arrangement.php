<?php

declare(strict_types=1);

namespace Underpin\Checks\Arrangement;

use Underpin\Codebook\ConductorTable;
use Underpin\Codebook\SplitPhase;
use Underpin\Connection\MeansOfTransfer;
use Underpin\Refused;
use Underpin\Wiring\Ampacity;

/** A generator, what it is connected by and where it stands, in facts that may each be missing. */
final readonly class Arrangement
{
    /** What a fixed run is judged at here, °C around it; three conductors. */
    private const AMBIENT_C = 30.0;

    /** @throws Refused on "conductors.size" where there is no such conductor */
    public function __construct(
        public ?MeansOfTransfer $means = null,
        public GeneratorFacts $generator = new GeneratorFacts,
        public CordFacts $cord = new CordFacts,
        public InletFacts $inlet = new InletFacts,
        public BreakerFacts $breaker = new BreakerFacts,
        public WiringFacts $wiring = new WiringFacts,
        public PanelFacts $panel = new PanelFacts,
        public TransferFacts $transfer = new TransferFacts,
        public LocalFacts $local = new LocalFacts,
        public PlaceFacts $place = new PlaceFacts,
        public SignsFacts $signs = new SignsFacts,
        public LegLoadsFacts $loads = new LegLoadsFacts,
        public GasFacts $gas = new GasFacts,
    ) {
        if ($wiring->size !== null && $wiring->material !== null && ! ConductorTable::has($wiring->material, $wiring->size)) {
            throw new Refused('conductors.size', "conductors.size: there is no {$wiring->material->words()} {$wiring->size->words()}.");
        }
    }

    /** Null: not known. */
    public function isBy(MeansOfTransfer ...$means): ?bool
    {
        return $this->means === null ? null : in_array($this->means, $means, true);
    }

    /** It is wired to the house, so that its bond and that of the house may meet. */
    public function isWired(): ?bool
    {
        return Fact::not($this->isBy(MeansOfTransfer::Cords));
    }

    /** What the fixed conductors carry; null: not all of size, material, terminals and wiring are known. */
    public function ampacity(): ?Ampacity
    {
        $run = $this->wiring;

        return $run->size === null || $run->material === null || $run->terminalC === null || $run->method === null
            ? null
            : Ampacity::of($run->material, $run->size, $run->method->insulationC(), $run->terminalC, self::AMBIENT_C);
    }

    /** The largest breaker that the fixed conductors take, amperes. */
    public function wireMostAmps(): ?float
    {
        $most = $this->ampacity()?->maxBreakerAmps;

        return $most === null ? null : (float) $most;
    }

    public function switchesNeutral(): ?bool
    {
        return $this->transfer->none ? false : $this->transfer->switchesNeutral;
    }

    public function is(int $volts): ?bool
    {
        return $this->generator->outletVolts === null ? null : $this->generator->outletVolts === $volts;
    }

    /**
     * What a condition says at the outlet's volts; where those are not known, what it says at either.
     *
     * @param  callable(int): ?bool  $condition  of 120 or 240 V
     */
    public function atVolts(callable $condition): ?bool
    {
        $volts = $this->generator->outletVolts;

        return $volts === null
            ? Fact::agreed($condition(SplitPhase::LEG_V), $condition(SplitPhase::BETWEEN_LEGS_V))
            : $condition($volts);
    }

    /** A leg carries more than that; from a 120 V outlet one hot conductor carries both. */
    public function legOver(int $volts, ?float $limit): ?bool
    {
        [$a, $b] = [$this->loads->aAmps, $this->loads->bAmps];
        $alone = Fact::any(Fact::over($a, $limit), Fact::over($b, $limit));

        return $volts === SplitPhase::BETWEEN_LEGS_V || $alone === true
            ? $alone
            : Fact::over($a === null || $b === null ? null : $a + $b, $limit);
    }
}
