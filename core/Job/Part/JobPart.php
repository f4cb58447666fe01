<?php

declare(strict_types=1);

namespace Underpin\Job\Part;

use Underpin\Form\FaultList;
use Underpin\Form\Field;
use Underpin\Form\Values;
use Underpin\Job\Job;
use Underpin\Refused;

/**
 * One part of a job: its fields in a job file, with what the screens call them, their limits and
 * defaults, and how the part is read from them and written to them. A part that a file of an older
 * shape does not have is read as its default.
 */
interface JobPart
{
    /** @return list<Field> of the job file's first level */
    public function fields(): array;

    /**
     * @param  Values  $in  of the whole file
     * @param  FaultList  $faults  takes everything that is wrong inside
     *
     * @throws Refused naming the field, when the part as a whole makes no sense
     */
    public function read(Values $in, FaultList $faults): object;

    /** @return array<string, mixed> its fields, as read() takes them */
    public function write(Job $job): array;
}
