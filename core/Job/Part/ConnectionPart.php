<?php

declare(strict_types=1);

namespace Underpin\Job\Part;

use Underpin\Codebook\ManualSwitches;
use Underpin\Form\FaultList;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Values;
use Underpin\Job\Connection;
use Underpin\Job\Job;
use Underpin\Job\StartRoutine;
use Underpin\Job\SwitchKind;
use Underpin\Refused;

/** The way of connecting that was picked, by its key, what it needs to know beyond that, and which comes first at the start. */
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

    public static function switchKind(): Field
    {
        return Field::enum('switch_kind', 'how circuits come to a multi-circuit switch', SwitchKind::class)
            ->label('Kind of switch')->optional('not chosen');
    }

    /** A circuit with the place that it was given on a multi-circuit switch. */
    public static function place(): Form
    {
        return new Form(
            Field::key(Job::LONGEST_ID, 'circuit'),
            Field::whole('place', 'its place on the switch; a two-pole circuit has the lower of its two')
                ->label('Place on the switch')->atLeast(1)->atMost(max(ManualSwitches::PLACES)),
        );
    }

    public function fields(): array
    {
        return [
            self::way(), self::routine(), self::switchKind(),
            Field::items(
                'switch_places', 'circuits with a place of their own on a multi-circuit switch; the others are laid out', self::place(),
            )
                ->label('Places on the switch')->atMost(max(ManualSwitches::PLACES))->optional('all are laid out'),
        ];
    }

    public function read(Values $in, FaultList $faults): Connection
    {
        $places = [];
        foreach ($in->itemsOrNone('switch_places') as $i => $each) {
            if (isset($places[$each->text('circuit')])) {
                $faults->add(
                    new Refused("switch_places.$i.circuit", "Place on the switch: {$each->text('circuit')} was given two places."),
                );
            }
            $places[$each->text('circuit')] = $each->whole('place');
        }
        $kind = SwitchKind::tryFrom($in->textOrNull('switch_kind') ?? '');
        $plain = new Connection($in->textOrNull('connection'), StartRoutine::from($in->text('start_school')), $kind);

        return $faults->attempt('', fn (): Connection => $plain->with(places: $places)) ?? $plain;
    }

    public function write(Job $job): array
    {
        $connection = $job->connection;

        return [
            'connection' => $connection->way, 'start_school' => $connection->routine->value,
            'switch_kind' => $connection->switchKind?->value,
            'switch_places' => array_map(
                fn (int|string $circuit, int $place): array => ['circuit' => (string) $circuit, 'place' => $place],
                array_keys($connection->places), array_values($connection->places),
            ),
        ];
    }
}
