<?php

declare(strict_types=1);

namespace Underpin\Job\Part;

use Underpin\Form\FaultList;
use Underpin\Form\Field;
use Underpin\Form\Values;
use Underpin\Job\Connection;
use Underpin\Job\Job;
use Underpin\Job\StartRoutine;

/** The way of connecting that was picked, by its key, and which comes first at the start. */
final class ConnectionPart implements JobPart
{
    public static function way(): Field
    {
        return Field::id('connection')->label('Connection')->atMost(30)->optional('none picked');
    }

    public static function routine(): Field
    {
        return Field::enum('start_school', 'which comes first at the start', StartRoutine::class)
            ->label('Order of the start')->default(StartRoutine::WarmFirst->value);
    }

    public function fields(): array
    {
        return [self::way(), self::routine()];
    }

    public function read(Values $in, FaultList $faults): Connection
    {
        return new Connection($in->textOrNull('connection'), StartRoutine::from($in->text('start_school')));
    }

    public function write(Job $job): array
    {
        return ['connection' => $job->connection->way, 'start_school' => $job->connection->routine->value];
    }
}
