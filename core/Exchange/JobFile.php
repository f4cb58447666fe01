<?php

declare(strict_types=1);

namespace Underpin\Exchange;

use JsonException;
use LogicException;
use stdClass;
use Underpin\Connection\Ways;
use Underpin\Demand\Worksheet;
use Underpin\Form\FaultList;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Job\Job;
use Underpin\Job\Part\JobParts;
use Underpin\Refused;

/** A job as a file in JSON, out and in without loss. Its fields, and the published schema, come from the parts of a job. */
final readonly class JobFile
{
    public const FORMAT = 'underpin-job';

    /** 2: with site plan, fuel, offer, quotes, letters and days. 3: with the records of the work and the log. */
    public const VERSION = 3;

    /** Those that come in. What an older one does not have is not known. */
    private const READ = [1, 2, self::VERSION];

    public const MOST_BYTES = 5_000_000;

    public function __construct(private JobParts $parts, private Ways $ways)
    {
    }

    public static function standard(): self
    {
        return new self(JobParts::standard(), Ways::standard());
    }

    public function form(): Form
    {
        return new Form(
            Field::choice('format', 'names this format', [self::FORMAT]),
            Field::numberChoice('version', 'of this format', self::READ),
            ...array_map($this->known(...), $this->parts->form()->fields()),
        );
    }

    /** @return array<string, mixed> */
    public function toArray(Job $job): array
    {
        return ['format' => self::FORMAT, 'version' => self::VERSION, ...$this->parts->write($job)];
    }

    public function encode(Job $job): string
    {
        return json_encode(
            $this->toArray($job), JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        )."\n";
    }

    /** @throws JobFileFaults with every fault by its path */
    public function decode(string $json): Job
    {
        if (strlen($json) > self::MOST_BYTES) {
            throw new JobFileFaults([new Refused('', sprintf(
                'The file has %s bytes; a job file may have at most %s.', number_format(strlen($json)), number_format(self::MOST_BYTES),
            ))]);
        }
        try {
            return $this->read(json_decode($json, false, 64, JSON_THROW_ON_ERROR));
        } catch (JsonException $fault) {
            throw new JobFileFaults([new Refused('', 'The file is not JSON: '.$fault->getMessage().'.')]);
        }
    }

    /**
     * @param  mixed  $data  objects as stdClass
     *
     * @throws JobFileFaults with every fault by its path
     */
    public function read(mixed $data): Job
    {
        $form = $this->form();
        $wrong = $form->faults($data);
        if ($wrong !== []) {
            throw new JobFileFaults($wrong);
        }
        $faults = new FaultList;
        $job = $this->parts->read($form->read($data), $faults);
        if ($job?->basis->demand !== null) {
            $inputs = $job->basis->demand;
            $faults->attempt('demand', fn (): Worksheet => Worksheet::of($inputs));
        }
        if ($faults->all() !== []) {
            throw new JobFileFaults($faults->all());
        }

        return $job ?? throw new LogicException('A job file was neither made nor refused.');
    }

    /**
     * A file as rows and events keep it: the same fields, without the names of the format.
     *
     * @param  array<string, mixed>  $fields
     *
     * @throws JobFileFaults
     */
    public function fromArray(array $fields): Job
    {
        $data = json_decode(
            (string) json_encode(['format' => self::FORMAT, 'version' => self::VERSION] + $fields, JSON_THROW_ON_ERROR), false, 64,
            JSON_THROW_ON_ERROR,
        );

        return $this->read($data instanceof stdClass ? $data : new stdClass);
    }

    /** The way of connecting is one of those that there are. */
    private function known(Field $field): Field
    {
        return $field->name === 'connection'
            ? Field::choice(
                'connection', 'the way of connecting picked', $this->ways->options(),
            )->label('Connection')->optional('none picked')
            : $field;
    }
}
