<?php

declare(strict_types=1);

namespace Underpin\Job\Part;

use Underpin\Codebook\Acceptance;
use Underpin\Form\FaultList;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Unit;
use Underpin\Form\Values;
use Underpin\Job\Job;
use Underpin\Job\Work\DryRun;
use Underpin\Job\Work\HoursWorked;
use Underpin\Job\Work\OwnRange;
use Underpin\Job\Work\StepRecord;
use Underpin\Job\Work\Work;
use Underpin\Refused;

/** The records of the work: steps that were done with their readings, and hours. */
final class WorkPart implements JobPart
{
    private const MOST_STEPS = 3_000;

    private const MOST_HOURS = 1_000;

    private const MOST_RANGES = 100;

    private const MOST_RUNS = 200;

    public static function form(): Form
    {
        /** @var ?Form $form */
        static $form = null;

        return $form ??= new Form(
            Field::items('steps', 'steps that were done', self::step())->label('Steps')->atMost(self::MOST_STEPS)->optional('none'),
            Field::items('hours', 'hours worked', self::hours())->label('Hours')->atMost(self::MOST_HOURS)->optional('none'),
            Field::items('ranges', 'ranges of the commissioning by a label or by the shop', self::range())->label('Ranges')
                ->atMost(self::MOST_RANGES)->optional('as usual'),
            Field::items('dry_runs', 'change-overs from the card', self::dryRun())->label('Dry '
                .'runs')->atMost(self::MOST_RUNS)->optional('none'),
        );
    }

    public static function step(): Form
    {
        /** @var ?Form $form */
        static $form = null;

        return $form ??= new Form(
            Field::madeKey(StepRecord::LONGEST_KEY), Field::text('by', 'who did it')->label('Initials')->required()->atMost(12),
            Field::minute('at', 'day and minute, by the clock of who did it')->label('Done at'),
            Field::text('said', 'what the step said then')->label('Step')->atMost(StepRecord::LONGEST_TEXT),
            Field::number('value', 'what was read, in the unit of the step')->label('Reading')->atMost(StepRecord::MOST_VALUE)
                ->optional('none'),
            Field::number('label', 'what the label demands, in the same unit')->label('By the '
                .'label')->over(0)->atMost(StepRecord::MOST_VALUE)
                ->optional('not read'),
            Field::text('tool', 'what it was read with')->label('Tool')->atMost(100),
            Field::text('note', 'anything else')->label('Note')->atMost(1_000),
        );
    }

    public static function hours(): Form
    {
        /** @var ?Form $form */
        static $form = null;

        return $form ??= new Form(
            Field::key(Job::LONGEST_ID), Field::text('task', 'as in the price book')->label('Task')->required()->atMost(40),
            Field::date('on', 'the day')->label('Day'), Field::text('who', 'who worked')->label('Who')->required()->atMost(100),
            Field::number('hours', 'worked on that day')->label('Hours')->in(Unit::Hours)->over(0)->atMost(HoursWorked::MOST_H),
        );
    }

    public static function range(): Form
    {
        /** @var ?Form $form */
        static $form = null;

        return $form ??= new Form(
            Field::key(40), Field::number('low', 'not under it, in the unit of the reading')->label('From')->atMost(StepRecord::MOST_VALUE)
                ->optional('open'),
            Field::number('high', 'not over it')->label('To')->atMost(StepRecord::MOST_VALUE)->optional('open'),
            Field::flag('of_shop', 'the shop\'s own', 'the shop\'s', 'on the label')->label('Whose')->default(false),
        );
    }

    /** A range as the shop's own sheet knows it. */
    public static function rangeOfShop(): Form
    {
        /** @var ?Form $form */
        static $form = null;

        return $form ??= new Form(
            Field::enum('of', 'of what it is a range', Acceptance::class)->label('Range'), ...self::range()->only('low', 'high')->fields(),
        );
    }

    public static function dryRun(): Form
    {
        /** @var ?Form $form */
        static $form = null;

        return $form ??= new Form(
            Field::key(Job::LONGEST_ID), Field::date('on', 'the day')->label('Day'),
            Field::text('who', 'who did it')->label('Who')->required()->atMost(100),
            Field::number('minutes', 'from the outage until everything runs')->label('Minutes')->in(Unit::Minutes)->over(0)
                ->atMost(DryRun::MOST_MIN),
            Field::whole('mistakes', 'that were made')->label('Mistakes')->atMost(DryRun::MOST_MISTAKES),
            Field::text('note', 'what went wrong')->label('Note')->atMost(1_000),
            Field::flag('on_screen', 'in the rehearsal', 'on the screen', 'at the panel')->label('Where')->default(false),
        );
    }

    public function fields(): array
    {
        return [Field::group('work', 'the records of the work', self::form())->label('Work')->optional('nothing')];
    }

    public function read(Values $in, FaultList $faults): Work
    {
        $work = $in->group('work');

        return $work === null ? new Work : $faults->attempt('work', fn (): Work => new Work(
            array_map(self::stepOf(...), $work->itemsOrNone('steps')), array_map(self::hoursOf(...), $work->itemsOrNone('hours')),
            array_map(self::rangeOf(...), $work->itemsOrNone('ranges')), array_map(self::dryRunOf(...), $work->itemsOrNone('dry_runs')),
        )) ?? new Work;
    }

    public static function stepOf(Values $in): StepRecord
    {
        return new StepRecord(
            $in->text('id'), $in->text('by'), $in->text('at'), $in->textOrNull('said') ?? '', $in->numberOrNull('value'),
            $in->numberOrNull('label'),
            $in->textOrNull('tool') ?? '', $in->textOrNull('note') ?? '',
        );
    }

    /** @throws Refused on "on" without a day */
    public static function hoursOf(Values $in): HoursWorked
    {
        if ($in->text('on') === '') {
            throw new Refused('on', 'Day: on which it was worked, as YYYY-MM-DD.');
        }

        return new HoursWorked($in->text('id'), $in->text('task'), $in->text('on'), $in->text('who'), $in->number('hours'));
    }

    /** @throws Refused by field when its ends make no range */
    public static function rangeOf(Values $in): OwnRange
    {
        return new OwnRange($in->text('id'), $in->numberOrNull('low'), $in->numberOrNull('high'), $in->flag('of_shop'));
    }

    /** @throws Refused on "on" without a day */
    public static function dryRunOf(Values $in): DryRun
    {
        if ($in->text('on') === '') {
            throw new Refused('on', 'Day: on which it was done, as YYYY-MM-DD.');
        }

        return new DryRun(
            $in->text('id'), $in->text('on'), $in->text('who'), $in->number('minutes'), $in->whole('mistakes'),
            $in->textOrNull('note') ?? '', $in->flag('on_screen'),
        );
    }

    public function write(Job $job): array
    {
        $work = $job->work;
        $written = [
            'steps' => array_map(self::writeStep(...), $work->steps), 'hours' => array_map(self::writeHours(...), $work->hours),
            'ranges' => array_map(self::writeRange(...), $work->ranges), 'dry_runs' => array_map(self::writeDryRun(...), $work->dryRuns),
        ];

        return ['work' => array_filter($written, fn (array $of): bool => $of !== []) === [] ? null : $written];
    }

    /** @return array<string, mixed> */
    public static function writeRange(OwnRange $range): array
    {
        return ['id' => $range->id, 'low' => $range->low, 'high' => $range->high, 'of_shop' => $range->ofShop];
    }

    /** @return array<string, mixed> */
    public static function writeDryRun(DryRun $run): array
    {
        return [
            'id' => $run->id, 'on' => $run->on, 'who' => $run->who, 'minutes' => $run->minutes, 'mistakes' => $run->mistakes,
            'note' => $run->note, 'on_screen' => $run->onScreen,
        ];
    }

    /** @return array<string, mixed> */
    public static function writeStep(StepRecord $step): array
    {
        return [
            'id' => $step->id, 'by' => $step->by, 'at' => $step->at, 'said' => $step->said, 'value' => $step->value,
            'label' => $step->label,
            'tool' => $step->tool, 'note' => $step->note,
        ];
    }

    /** @return array<string, mixed> */
    public static function writeHours(HoursWorked $hours): array
    {
        return ['id' => $hours->id, 'task' => $hours->task, 'on' => $hours->on, 'who' => $hours->who, 'hours' => $hours->hours];
    }
}
