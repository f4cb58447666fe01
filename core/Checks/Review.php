<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\JobFile\JobFile;
use Underpin\Stage;

/** Every check over one job. */
final readonly class Review
{
    /** @var list<Finding> worst first, then by stage and code */
    public array $findings;

    public function __construct(public Facts $facts)
    {
        $findings = [];
        foreach (self::checks() as $check) {
            foreach ($check->findings($facts) as $finding) {
                $findings[] = $finding;
            }
        }
        usort($findings, fn (Finding $x, Finding $y): int => [$x->severity->rank(), $x->code] <=> [$y->severity->rank(), $y->code]);
        $this->findings = $findings;
    }

    public static function of(JobFile $job): self
    {
        return new self(new Facts($job));
    }

    /** @return list<Finding> */
    public function on(Stage $stage): array
    {
        return array_values(array_filter($this->findings, fn (Finding $f): bool => $f->stage === $stage));
    }

    /** @return list<Finding> */
    public function onCircuit(string $id): array
    {
        return array_values(array_filter($this->findings, fn (Finding $f): bool => $f->circuitId === $id));
    }

    /** @return list<Check> */
    private static function checks(): array
    {
        return [
            new ExistingFaults,
            new BondsInPlace,
            new TandemsAccepted,
            new LegContradicts,
            new ReceptacleUnderLoad,
            new ChosenFigures,
            new CalculationNotAccepted,
            new RecordedPeakDoubtful,
            new NothingMustRun,
            new FiguresMissing,
            new StartsMissing,
            new LoadOverBreaker,
            new LegsUneven,
            new NoTwoFortyVolts,
            new OverRun,
            new OverSurge,
            new RestartOverSurge,
            new MultiwireOn120,
            new ConnectionStops,
            new InterlockSpacesTaken,
            new DoubleBond,
            new InletUnderOutlet,
            new DropLong,
            new CableInWetPlace,
            new WireNotFound,
        ];
    }
}
