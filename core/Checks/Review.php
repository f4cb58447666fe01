<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Design\Design;
use Underpin\Job\Job;
use Underpin\Job\SetAsideAdvice;
use Underpin\StageKey;

/** Every check over one job. */
final readonly class Review
{
    /** @var list<Finding> worst first, then by code */
    public array $findings;

    /** @var list<array{Finding, SetAsideAdvice}> advice that somebody set aside, with who and why */
    public array $setAside;

    /** @param  ?list<Check>  $checks  null: all that there are */
    public function __construct(public Design $design, ?array $checks = null)
    {
        $aside = $design->job->setAside;
        $findings = $setAside = [];
        foreach ($checks ?? self::checks() as $check) {
            foreach ($check->findings($design) as $finding) {
                $advice = $finding->severity->canBeSetAside() ? $aside->of($finding->code->value, $finding->circuitId) : null;
                if ($advice === null) {
                    $findings[] = $finding;
                } else {
                    $setAside[] = [$finding, $advice];
                }
            }
        }
        usort(
            $findings,
            fn (Finding $x, Finding $y): int => [$x->severity->rank(), $x->code->value] <=> [$y->severity->rank(), $y->code->value],
        );
        $this->findings = $findings;
        $this->setAside = $setAside;
    }

    public static function of(Job $job): self
    {
        return new self(new Design($job));
    }

    /** @return list<Finding> */
    public function on(StageKey $stage): array
    {
        return array_values(array_filter($this->findings, fn (Finding $f): bool => $f->stage === $stage));
    }

    /** @return list<Finding> that can kill: they head every page and every paper until they are mended */
    public function dangers(): array
    {
        return array_values(array_filter($this->findings, fn (Finding $f): bool => $f->severity === Severity::Danger));
    }

    /** @return list<Finding> */
    public function onCircuit(string $id): array
    {
        return array_values(array_filter($this->findings, fn (Finding $f): bool => $f->circuitId === $id));
    }

    /** @return list<string> ids of the circuits that something was found about */
    public function flaggedCircuits(): array
    {
        return array_values(array_unique(array_filter(array_map(fn (Finding $f): ?string => $f->circuitId, $this->findings))));
    }

    /** @return list<Check> */
    public static function checks(): array
    {
        return [
            new ExistingFaults,
            new BondsInPlace,
            new MultiwireOneLeg,
            new OtherSources,
            new TandemsAccepted,
            new LegContradicts,
            new ReceptacleUnderLoad,
            new ChosenFigures,
            new CalculationNotAccepted,
            new RecordedPeakDoubtful,
            new NothingMustRun,
            new MedicalLeftOff,
            new MedicalNotBridged,
            new FiguresMissing,
            new StartsMissing,
            new LoadOverBreaker,
            new LegsUneven,
            new FuelNotHere,
            new NoTwoFortyVolts,
            new OverRun,
            new OverSurge,
            new RestartOverSurge,
            new MultiwireOn120,
            new ConnectionStops,
            new InterlockSpacesTaken,
            new FeedOverloaded,
            new FeederOverloaded,
            new ArrangementRules,
            new DoubleBond,
            new NeutralNotKnown,
            new FaultOverWithstand,
            new SettingsOfSwitch,
            new InletUnderOutlet,
            new PlaceTooNear,
            new NoiseOver,
            new TankVapourShort, new TankNear, new InletReach,
            new CordShort,
            new DropLong,
            new BendsOver,
            new BurialShallow,
            new RacewayFull,
            new CableInWetPlace,
            new WireNotFound,
        ];
    }
}
