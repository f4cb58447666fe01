<?php

declare(strict_types=1);

namespace Underpin\Job\Part;

use Underpin\Form\FaultList;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Values;
use Underpin\Job\Job;

/** The parts that a job has, in the order of a job file: the registry that forms, files and schema follow. */
final readonly class JobParts
{
    /** @param  list<JobPart>  $parts */
    public function __construct(private array $parts)
    {
    }

    public static function standard(): self
    {
        return new self([
            new CustomerPart, new AuthorityPart, new ServicePart, new GeneratorPart, new ConnectionPart, new WireRunPart, new SitePart,
            new BasisPart, new SetAsidePart, new SitePlanPart, new FuelKeptPart, new OfferPart, new QuotesPart, new AgreedPart,
            new GrowthPart,
            new WorkPart, new LogPart,
        ]);
    }

    public function with(JobPart $part): self
    {
        return new self([...$this->parts, $part]);
    }

    /** The name of the job, and everything else that is kept of it. */
    public function form(): Form
    {
        return new Form(self::name(), ...array_merge([], ...array_map(fn (JobPart $part): array => $part->fields(), $this->parts)));
    }

    public static function name(): Field
    {
        return Field::text('name', 'the job, as on its card')->label('Job')->required()->atMost(100);
    }

    /** Null when something was refused: then the list of faults says what. */
    public function read(Values $in, FaultList $faults): ?Job
    {
        $read = array_map(fn (JobPart $part): ?object => $faults->attempt('', fn (): object => $part->read($in, $faults)), $this->parts);

        return $faults->attempt('', fn (): Job => new Job($in->text('name'), ...array_filter($read)));
    }

    /** @return array<string, mixed> */
    public function write(Job $job): array
    {
        return array_merge(['name' => $job->name], ...array_map(fn (JobPart $part): array => $part->write($job), $this->parts));
    }
}
