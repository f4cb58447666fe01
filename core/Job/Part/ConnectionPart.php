<?php

declare(strict_types=1);

namespace Underpin\Job\Part;

use Underpin\Codebook\ManualSwitches;
use Underpin\Codebook\TransferSetting;
use Underpin\Codebook\TransferSettings;
use Underpin\Form\FaultList;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Unit;
use Underpin\Form\Values;
use Underpin\Job\Connection;
use Underpin\Job\Job;
use Underpin\Job\PickedFor;
use Underpin\Job\ShedLoad;
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

    public static function panel(): Field
    {
        return Field::text('fed_panel', 'id of the panel that is fed, where a way leaves a choice; empty: the usual one')
            ->label('Panel that is fed')->atMost(Job::LONGEST_ID);
    }

    public static function circuit(): Field
    {
        return Field::text('single_circuit', 'id of the one circuit with a switch of its own; empty: the usual one')
            ->label('Circuit with a switch of its own')->atMost(Job::LONGEST_ID);
    }

    public static function switchesNeutral(): Field
    {
        return Field::flag('switches_neutral', 'the switch breaks the neutral too', 'it breaks the neutral', 'it leaves the neutral whole')
            ->label('Neutral in the switch')->optional('not chosen');
    }

    public static function meters(): Field
    {
        return Field::flag('switch_meters', 'a multi-circuit switch with wattmeters', 'with meters', 'without')
            ->label('Wattmeters')->optional('without');
    }

    public static function utilityFault(): Field
    {
        return Field::whole('utility_fault_a', 'fault current that the utility says is there at the service, amperes')
            ->label(
                'Fault current of the utility',
            )->in(Unit::Amperes)->atLeast(100)->atMost(Connection::MOST_FAULT_A)->optional('not asked');
    }

    public static function withstand(): Field
    {
        return Field::whole('withstand_a', 'fault current that the label of the switch says it withstands, amperes')
            ->label('The switch withstands')->in(Unit::Amperes)->atLeast(100)->atMost(Connection::MOST_FAULT_A)->optional('not read');
    }

    public static function setting(TransferSetting $of): Field
    {
        return Field::number($of->key, lcfirst($of->title).' on the automatic switch, as set')->label($of->title)
            ->in(Unit::from($of->unit))->atMost($of->most)->optional('not set');
    }

    public static function settings(): Form
    {
        /** @var ?Form $form */
        static $form = null;

        return $form ??= new Form(...array_map(self::setting(...), TransferSettings::all()));
    }

    private static function asSet(): Field
    {
        return Field::group('transfer_settings', 'how the automatic switch is set', self::settings())
            ->label('Settings of the switch')->optional('not set');
    }

    public static function interrupt(): Field
    {
        return Field::whole(
            'interrupt_a', 'the least fault current that the breakers which meet it interrupt, by their labels, or as a listed series',
        )->label('The breakers interrupt')->in(Unit::Amperes)->atLeast(100)->atMost(Connection::MOST_FAULT_A)->optional('not read');
    }

    public static function faults(): Form
    {
        /** @var ?Form $form */
        static $form = null;

        return $form ??= new Form(self::utilityFault(), self::withstand(), self::interrupt());
    }

    /** A circuit that an automatic switch takes off. */
    public static function shedLoad(): Form
    {
        /** @var ?Form $form */
        static $form = null;

        return $form ??= new Form(
            Field::key(Job::LONGEST_ID, 'circuit'),
            Field::whole(
                'priority', '1 goes off first and comes back last',
            )->label('Goes off')->atLeast(1)->atMost(ShedLoad::MOST_PRIORITY),
            Field::whole('delay_s', 'seconds until it comes back once there is room')->label('Comes back after')->in(Unit::Seconds)
                ->atMost(ShedLoad::MOST_DELAY_S)->default(30),
        );
    }

    private static function pickedFor(): Form
    {
        return new Form(
            Field::text('machine', 'id of the machine; empty: none was picked')->label('Machine')->atMost(Job::LONGEST_ID),
            Field::items('must', 'circuits that had to run', new Form(Field::key(Job::LONGEST_ID, 'circuit')))->label('Had to run'),
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
            self::panel(), self::circuit(), self::switchesNeutral(), self::meters(),
            Field::items('shed', 'what an automatic switch takes off when the generator has too much', self::shedLoad())
                ->label('Load shedding')->atMost(ShedLoad::MOST_PRIORITY)->optional('nothing is shed'),
            Field::group('picked_for', 'what the way was picked for', self::pickedFor())->label('Picked for')->optional('not kept'),
            self::utilityFault(), self::withstand(), self::interrupt(), self::asSet(),
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
        $for = $in->group('picked_for');
        $plain = new Connection(
            $in->textOrNull('connection'), StartRoutine::from($in->text('start_school')), $kind, [], $in->text('fed_panel'),
            $in->text('single_circuit'), $in->flagOrNull('switches_neutral'), $in->flagOrNull('switch_meters') ?? false, [],
            $for === null ? null : new PickedFor(
                $for->text('machine'), array_map(fn (Values $each): string => $each->text('circuit'), $for->items('must')),
            ),
            $in->wholeOrNull('utility_fault_a'), $in->wholeOrNull('withstand_a'), $in->wholeOrNull('interrupt_a'),
            self::set($in->group('transfer_settings')),
        );
        $placed = $faults->attempt('', fn (): Connection => $plain->with(places: $places)) ?? $plain;

        return $faults->attempt('', fn (): Connection => $placed->with(shed: array_map(
            fn (Values $each): ShedLoad => new ShedLoad($each->text('circuit'), $each->whole('priority'), $each->whole('delay_s')),
            $in->itemsOrNone('shed'),
        ))) ?? $placed;
    }

    /** @return array<string, float> */
    private static function set(?Values $in): array
    {
        if ($in === null) {
            return [];
        }
        $set = [];
        foreach (TransferSettings::all() as $each) {
            $value = $in->numberOrNull($each->key);
            $set += $value === null ? [] : [$each->key => $value];
        }

        return $set;
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
            'fed_panel' => $connection->panel, 'single_circuit' => $connection->circuit,
            'switches_neutral' => $connection->switchesNeutral, 'switch_meters' => $connection->meters ? true : null,
            'shed' => array_map(
                fn (ShedLoad $s): array => ['circuit' => $s->circuit, 'priority' => $s->priority, 'delay_s' => $s->delayS],
                $connection->shed,
            ),
            'picked_for' => $connection->pickedFor === null ? null : [
                'machine' => $connection->pickedFor->machine,
                'must' => array_map(fn (string $id): array => ['circuit' => $id], $connection->pickedFor->must),
            ],
            'utility_fault_a' => $connection->utilityFaultAmps, 'withstand_a' => $connection->withstandAmps,
            'interrupt_a' => $connection->interruptAmps,
            'transfer_settings' => $connection->settings === [] ? null : array_merge(
                array_fill_keys(array_map(fn (TransferSetting $each): string => $each->key, TransferSettings::all()), null),
                $connection->settings,
            ),
        ];
    }
}
