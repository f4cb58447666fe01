<?php

declare(strict_types=1);

namespace Underpin\Wiring;

use Underpin\Codebook\ConductorSize;
use Underpin\Codebook\Material;
use Underpin\Codebook\Source;
use Underpin\Connection\ConnectionKind;
use Underpin\JobFile\JobFile;
use Underpin\Limit;
use Underpin\Refused;
use Underpin\Say;
use Underpin\Sizing\Bond;
use Underpin\Sizing\Outlet;
use Underpin\Sizing\Supply;

/** From the machine's outlet to the panel: every part, and what is lost on the way. */
final readonly class WirePlan
{
    /** Flexible cord by the outlet it serves: conductor size, and what it carries. NEC 2023 Table 400.5(A)(1). */
    private const CORD_SIZE = [20 => ConductorSize::Awg12, 30 => ConductorSize::Awg10, 50 => ConductorSize::Awg6];

    /**
     * @param  list<WireLine>  $lines
     * @param  ?VoltageDrop  $cordDrop  null when there is no cord or no length
     * @param  ?VoltageDrop  $runDrop  null when there is no run or no length
     * @param  list<string>  $missing  what must be measured first
     */
    private function __construct(
        public array $lines,
        public int $outletA,
        public ?int $inletA,
        public ?int $breakerA,
        public ?ConductorChoice $conductor,
        public ?VoltageDrop $cordDrop,
        public ?VoltageDrop $runDrop,
        public float $volts,
        public array $missing,
    ) {
    }

    /** @throws Refused when no conductor in the tables carries what the outlet gives */
    public static function of(JobFile $job, Supply $supply, ConnectionKind $kind): self
    {
        return $kind === ConnectionKind::Cords ? self::cords($job, $supply) : self::wired($job, $supply, $kind);
    }

    public function dropPct(): ?float
    {
        return $this->cordDrop === null && $this->runDrop === null
            ? null
            : ($this->cordDrop->dropPct ?? 0.0) + ($this->runDrop->dropPct ?? 0.0);
    }

    public function dropIsLong(): bool
    {
        return Limit::over($this->dropPct() ?? 0.0, VoltageDrop::RECOMMENDED_PCT);
    }

    /** Volts left at the panel with the outlet fully loaded. */
    public function endV(): ?float
    {
        return $this->dropPct() === null ? null : max(0.0, $this->volts - ($this->cordDrop->dropV ?? 0.0) - ($this->runDrop->dropV ?? 0.0));
    }

    private static function cords(JobFile $job, Supply $supply): self
    {
        $feet = $job->wire->cordFt;
        $drop = $feet === null ? null : VoltageDrop::along(Material::Copper, ConductorSize::Awg12, $feet, 15.0, 120.0);

        return new self([
            new WireLine('Outlets', 'the machine\'s own 120 V outlets', 'Each cord goes to one appliance or one row of small ones; no outlet is shared beyond its rating.', Source::nec('702.7')),
            new WireLine('Cords', '12 AWG, three-wire, marked for outdoor and hard use', $drop === null
                ? 'Give the length to the farthest appliance to see what arrives there.'
                : sprintf('At 15 A over %s ft, %s of 120 V arrive.', number_format((float) $feet), Say::volts($drop->endV)), Source::nec('400.10, Table 400.5(A)(1)')),
        ], 20, null, null, null, $drop, null, 120.0, $feet === null ? ['the length to the farthest appliance'] : []);
    }

    private static function wired(JobFile $job, Supply $supply, ConnectionKind $kind): self
    {
        $run = $job->wire;
        $machine = $supply->machine;
        $volts = (float) $machine->volts;
        $hardWired = $machine->outlet === Outlet::Terminals;
        $outletA = $machine->outletA;
        $inletA = $hardWired ? null : ($run->inletA ?? $outletA);
        $cordSize = self::CORD_SIZE[$outletA] ?? ConductorSize::Awg6;
        $cordDrop = $hardWired || $run->cordFt === null ? null : VoltageDrop::along(Material::Copper, $cordSize, $run->cordFt, $outletA, $volts);
        $spareV = $volts * VoltageDrop::RECOMMENDED_PCT / 100 - ($cordDrop->dropV ?? 0.0);
        $needA = max($outletA, $inletA ?? 0);
        $conductor = ConductorChoice::smallest($run, $needA, $outletA, $volts, $spareV);
        $size = $conductor->forDrop ?? $conductor->size;
        $runDrop = $run->runFt === null ? null : VoltageDrop::along($run->material, $size, $run->runFt, $outletA, $volts);
        $breakerA = min($outletA, $inletA ?? $outletA, $conductor->ampacity->maxBreakerA);

        $lines = $hardWired
            ? [new WireLine('At the machine', "its own terminals, $outletA A breaker", 'Wired in; the machine\'s breaker protects the run to the panel. Control wires lie apart from power wires.', Source::nec('445.13, 725.136'))]
            : self::portableLines($job, $supply, $outletA, (int) $inletA, $cordSize);
        $lines[] = new WireLine($kind === ConnectionKind::Interlock ? 'Generator breaker' : 'Switch\'s incoming breaker', "$breakerA A, ".($machine->volts === 240 ? 'two-pole' : 'one-pole on each bus as the switch requires'), sprintf(
            'The smallest of outlet %d A,%s conductor %d A%s.',
            $outletA, $inletA === null ? '' : " cord $outletA A, inlet $inletA A,", $conductor->ampacity->maxBreakerA,
            $kind === ConnectionKind::Interlock ? '; held down, since it is back-fed' : '',
        ), Source::nec($kind === ConnectionKind::Interlock ? '240.4, 408.36(D)' : '240.4'));
        $lines[] = new WireLine('Conductors', $size->words().' '.$run->material->words().', '.$run->method->words(), self::conductorWhy($conductor, $needA, $run), Source::nec('310.16, 110.14(C), 240.4(D)'));
        $lines[] = new WireLine('Equipment ground', 'a wire-type ground with the hots, sized by the breaker ahead', $conductor->forDrop === null
            ? 'Without it a fault has no way back and no breaker opens.'
            : 'Enlarged in the same proportion as the hots, which are larger for voltage drop (250.122(B)).', Source::nec('250.118, 250.122'));
        $lines = [...$lines, ...self::terminals($supply, $hardWired)];

        $missing = array_keys(array_filter([
            'the cord\'s length' => ! $hardWired && $run->cordFt === null,
            'the length of the run to the panel' => $run->runFt === null,
        ]));

        return new self($lines, $outletA, $inletA, $breakerA, $conductor, $cordDrop, $runDrop, $volts, $missing);
    }

    /** @return list<WireLine> */
    private static function portableLines(JobFile $job, Supply $supply, int $outletA, int $inletA, ConductorSize $cordSize): array
    {
        $run = $job->wire;
        $outlet = $supply->machine->outlet;
        $inlet = match (true) {
            $inletA === $outletA => $outlet->plug(),
            $supply->machine->volts === 120 => '120 V',
            $inletA === 20 => 'L14-20P',
            $inletA === 50 => '14-50P or a locking form',
            default => 'L14-30P',
        };

        return [
            new WireLine('Outlet', "$outlet->value, {$supply->machine->volts} V, $outletA A", 'The live side is always the female side: an outlet ends in R, what goes into it in P.', new Source('NEMA WD 6', '')),
            new WireLine('Cord', $cordSize->words().", {$outlet->plug()} to female connector, ".($run->cordFt === null ? 'length to be measured' : number_format($run->cordFt).' ft'), sprintf('Male at the machine, female at the inlet, never two male ends. Long enough, with slack, to stand the machine %s ft from the house.', number_format($job->rules->portableFt)), Source::nec('Table 400.5(A)(1), 702.7')),
            new WireLine('Inlet', "$inlet, $inletA A, wet-rated, recessed male pins", match (true) {
                $inletA > $outletA => "Larger than today's outlet, for a larger machine later; the breaker follows the outlet. The cord then ends in a connector for this inlet.",
                $inletA < $outletA => "Smaller than the outlet: the machine can push $outletA A through it. Choose an inlet of at least $outletA A.",
                default => 'The same rating as the outlet. Screwed to framing, not to siding, and where it can be reached at night.',
            }, Source::nec('702.7, 406.9(B)')),
        ];
    }

    private static function conductorWhy(ConductorChoice $choice, float $needA, WireRun $run): string
    {
        $why = sprintf(
            '%s carries %s usable at %d °C terminals; %s A are needed.',
            $choice->size->words(), Say::amps($choice->ampacity->usableA), $run->terminalC, number_format($needA),
        );

        return $choice->forDrop === null ? $why : $why." {$choice->forDrop->words()} keeps the voltage drop within 3 %.";
    }

    /** @return list<WireLine> */
    private static function terminals(Supply $supply, bool $hardWired): array
    {
        $hots = $supply->feedsBothLegs()
            ? 'X and Y to the two hots, in either order; W (silver) to neutral; G (green) to ground.'
            : 'Brass to the hot, silver (W) to neutral, G (green) to ground.';

        $bond = $supply->machine->bond === Bond::Floating
            ? new WireLine('Neutral bond', 'at the service only', 'The machine\'s neutral floats: the bond at the service is the one.', Source::nec('250.24'))
            : new WireLine('Neutral bond', 'one too many, unless the switch breaks the neutral', 'The machine bonds its neutral to its frame, and the service bonds it too.', Source::nec('250.24, 250.30'));

        return [$bond, new WireLine('Terminals', $hardWired ? 'hots, neutral and ground as marked' : $hots, 'Ground first when connecting, last when taking apart. Torque by the label, and once more after the wire is dressed.', Source::nec('110.14(D), 406.10'))];
    }
}
