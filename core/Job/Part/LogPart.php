<?php

declare(strict_types=1);

namespace Underpin\Job\Part;

use Underpin\Form\FaultList;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Unit;
use Underpin\Form\Values;
use Underpin\Job\Job;
use Underpin\Job\Log\Log;
use Underpin\Job\Log\LogEntry;
use Underpin\Job\Log\LogKind;
use Underpin\Job\Log\Pole;
use Underpin\Job\Log\SwitchService;

/** The logbook: lines of the machine, and services of the switches. */
final class LogPart implements JobPart
{
    private const MOST_ENTRIES = 5_000;

    private const MOST_SERVICES = 500;

    private const MOST_VOLTS = 60;

    public static function form(): Form
    {
        /** @var ?Form $form */
        static $form = null;

        return $form ??= new Form(
            Field::items('entries', 'lines of the machine', self::entry())->label('Log')->atMost(self::MOST_ENTRIES)->optional('none'),
            Field::items('services', 'of the transfer switches', self::service())->label('Services')->atMost(self::MOST_SERVICES)
                ->optional('none'),
        );
    }

    public static function entry(): Form
    {
        /** @var ?Form $form */
        static $form = null;

        return $form ??= new Form(
            Field::key(Job::LONGEST_ID), Field::day('on', 'the day')->label('Day'), Field::enum('kind', 'what was done',
                LogKind::class)->label('What'),
            Field::number('hours', 'of the hour meter, afterwards')->label('Hour meter')->in(Unit::Hours)->atMost(LogEntry::MOST_HOURS)
                ->optional('not read'),
            Field::number('volts', 'of the starting '
                .'battery')->label('Battery')->in(Unit::Volts)->atMost(self::MOST_VOLTS)->optional('not measured'),
            Field::number('gal', 'of fuel that were filled in')->label('Fuel in')->in(Unit::Gallons)->atMost(10_000)->optional('none'),
            Field::number('load_pct', 'of its rating')->label('Load')->in(Unit::PerCent)->atMost(150)->optional('not noted'),
            Field::text('note', 'anything else')->label('Note')->atMost(500),
            Field::text('by', 'who wrote it')->label('By')->atMost(100),
        );
    }

    public static function service(): Form
    {
        /** @var ?Form $form */
        static $form = null;
        $mv = fn (string $pole, string $of): Field => Field::number("{$pole}_mv", "voltage drop over the contact of $of")
            ->label('Drop, '.$of)->in(Unit::Millivolts)->atMost(SwitchService::MOST_MV)->optional('not measured');
        $temp = fn (string $pole, string $of): Field => Field::number("{$pole}_c", "temperature of the contact of $of")
            ->label('Contact, '.$of)->in(Unit::Celsius)->atLeast(-60)->atMost(SwitchService::MOST_C)->optional('not measured');

        return $form ??= new Form(
            Field::key(Job::LONGEST_ID), Field::day('on', 'the day')->label('Day'),
            Field::text('switch', 'its name in the design')->label('Switch')->required()->atMost(100),
            Field::number('amps', 'that flowed meanwhile')->label('At')->in(Unit::Amperes)->over(0)->atMost(SwitchService::MOST_A),
            $mv('a', 'pole A'), $mv('b', 'pole B'), $temp('a', 'pole A'), $temp('b', 'pole B'),
            Field::number('ambient_c', 'around it')->label('Around it')->in(Unit::Celsius)->atLeast(-60)->atMost(80)->optional('not noted'),
            Field::text('by', 'who did it')->label('By')->atMost(100), Field::text('note', 'anything else')->label('Note')->atMost(500),
        );
    }

    public function fields(): array
    {
        return [Field::group('log', 'the log', self::form())->label('Log')->optional('nothing')];
    }

    public function read(Values $in, FaultList $faults): Log
    {
        $log = $in->group('log');

        return $log === null ? new Log : $faults->attempt('log', fn (): Log => new Log(
            array_map(self::entryOf(...), $log->itemsOrNone('entries')), array_map(self::serviceOf(...), $log->itemsOrNone('services')),
        )) ?? new Log;
    }

    public static function entryOf(Values $in): LogEntry
    {
        return new LogEntry(
            $in->text('id'), $in->text('on'), LogKind::from($in->text('kind')), $in->numberOrNull('hours'), $in->numberOrNull('volts'),
            $in->numberOrNull('gal'), $in->numberOrNull('load_pct'), $in->textOrNull('note') ?? '', $in->textOrNull('by') ?? '',
        );
    }

    public static function serviceOf(Values $in): SwitchService
    {
        return new SwitchService(
            $in->text('id'), $in->text('on'), $in->text('switch'), $in->number('amps'),
            new Pole($in->numberOrNull('a_mv'), $in->numberOrNull('a_c')), new Pole($in->numberOrNull('b_mv'), $in->numberOrNull('b_c')),
            $in->numberOrNull('ambient_c'), $in->textOrNull('by') ?? '', $in->textOrNull('note') ?? '',
        );
    }

    public function write(Job $job): array
    {
        $log = $job->log;

        return ['log' => $log->entries === [] && $log->services === [] ? null : [
            'entries' => array_map(self::writeEntry(...), $log->entries), 'services' => array_map(self::writeService(...), $log->services),
        ]];
    }

    /** @return array<string, mixed> */
    public static function writeEntry(LogEntry $entry): array
    {
        return [
            'id' => $entry->id, 'on' => $entry->on, 'kind' => $entry->kind->value, 'hours' => $entry->hours, 'volts' => $entry->volts,
            'gal' => $entry->gal, 'load_pct' => $entry->loadPct, 'note' => $entry->note, 'by' => $entry->by,
        ];
    }

    /** @return array<string, mixed> */
    public static function writeService(SwitchService $service): array
    {
        return [
            'id' => $service->id, 'on' => $service->on, 'switch' => $service->switch, 'amps' => $service->amps, 'a_mv' => $service->a->mv,
            'b_mv' => $service->b->mv, 'a_c' => $service->a->tempC, 'b_c' => $service->b->tempC, 'ambient_c' => $service->ambientC,
            'by' => $service->by, 'note' => $service->note,
        ];
    }
}
