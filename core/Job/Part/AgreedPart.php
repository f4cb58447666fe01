<?php

declare(strict_types=1);

namespace Underpin\Job\Part;

use Underpin\Form\FaultList;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Unit;
use Underpin\Form\Values;
use Underpin\Job\Agreed;
use Underpin\Job\Job;
use Underpin\Job\SentPaper;
use Underpin\Job\StepNote;
use Underpin\Refused;

/** The day that was agreed, what is noted of each step before it, and the papers that went out. */
final class AgreedPart implements JobPart
{
    private const MOST_STEPS = 40;

    private const MOST_SENT = 200;

    private const MOST_DAYS = 730;

    public static function form(): Form
    {
        /** @var ?Form $form */
        static $form = null;

        return $form ??= new Form(
            Field::date('install_on', 'the day that was agreed for the work')->label('Day of the work')->optional('not agreed'),
            Field::items('steps', 'what is noted of each step before it', self::step())->label('Steps')->atMost(self::MOST_STEPS)
                ->optional('none noted'),
            Field::items('sent', 'papers that went out', self::sent())->label('Papers sent')->atMost(self::MOST_SENT)->optional('none'),
        );
    }

    public static function step(): Form
    {
        /** @var ?Form $form */
        static $form = null;

        return $form ??= new Form(
            Field::key(40), Field::whole('days', 'that it takes here')->label('Takes')->in(Unit::Days)->atMost(self::MOST_DAYS)
                ->optional('as a rule'),
            Field::date('begun_on', 'asked or ordered on')->label('Asked or ordered on')->optional('not yet'),
            Field::date('done_on', 'granted, or here, on')->label('Granted or here on')->optional('not yet'),
        );
    }

    public static function sent(): Form
    {
        /** @var ?Form $form */
        static $form = null;

        return $form ??= new Form(
            Field::key(Job::LONGEST_ID), Field::text('paper', 'which paper')->label('Paper')->required()->atMost(60),
            Field::text('to', 'to whom')->label('Sent to')->required()->atMost(100),
            Field::date('on', 'the day')->label('Sent on'), Field::date('back_on', 'the day of the answer')->label('Came back on')
                ->optional('not yet'),
            Field::flag('granted', 'what was asked for is granted', 'granted', 'refused')->label('Answer')->optional('not said'),
            Field::text('note', 'what came back')->label('Note')->atMost(500),
        );
    }

    public function fields(): array
    {
        return [Field::group('agreed', 'the day of the work, and what went out before it', self::form())->label('Agreed')
            ->optional('nothing')];
    }

    public function read(Values $in, FaultList $faults): Agreed
    {
        $agreed = $in->group('agreed');

        return $agreed === null ? new Agreed : $faults->attempt('agreed', fn (): Agreed => new Agreed(
            $agreed->textOrNull('install_on') ?? '', array_map(self::stepOf(...), $agreed->itemsOrNone('steps')),
            array_map(self::paperOf(...), $agreed->itemsOrNone('sent')),
        )) ?? new Agreed;
    }

    /** @throws Refused on "done_on" when it is done before it is begun */
    public static function stepOf(Values $in): StepNote
    {
        $begun = $in->textOrNull('begun_on') ?? '';
        $done = $in->textOrNull('done_on') ?? '';
        if ($begun !== '' && $done !== '' && $done < $begun) {
            throw new Refused('done_on', "Granted or here on: $done lies before $begun, when it was asked or ordered.");
        }

        return new StepNote($in->text('id'), $in->wholeOrNull('days'), $begun, $done);
    }

    /** @throws Refused on "back_on" when it came back before it was sent */
    public static function paperOf(Values $in): SentPaper
    {
        $on = $in->text('on');
        $back = $in->textOrNull('back_on') ?? '';
        if ($on === '') {
            throw new Refused('on', 'Sent on: the day, as YYYY-MM-DD.');
        }
        if ($back !== '' && $back < $on) {
            throw new Refused('back_on', "Came back on: $back lies before $on, when it was sent.");
        }

        return new SentPaper(
            $in->text('id'), $in->text('paper'), $in->text('to'), $on, $back, $in->flagOrNull('granted'), $in->textOrNull('note') ?? '',
        );
    }

    public function write(Job $job): array
    {
        $written = self::writeAgreed($job->agreed);

        return ['agreed' => array_filter($written, fn (mixed $v): bool => $v !== null && $v !== []) === [] ? null : $written];
    }

    /** @return array<string, mixed> */
    public static function writeAgreed(Agreed $agreed): array
    {
        return [
            'install_on' => $agreed->installOn === '' ? null : $agreed->installOn,
            'steps' => array_map(self::writeStep(...), $agreed->steps), 'sent' => array_map(self::writePaper(...), $agreed->sent),
        ];
    }

    /** @return array<string, mixed> */
    public static function writeStep(StepNote $step): array
    {
        return [
            'id' => $step->id, 'days' => $step->days, 'begun_on' => $step->begunOn === '' ? null : $step->begunOn,
            'done_on' => $step->doneOn === '' ? null : $step->doneOn,
        ];
    }

    /** @return array<string, mixed> */
    public static function writePaper(SentPaper $paper): array
    {
        return [
            'id' => $paper->id, 'paper' => $paper->paper, 'to' => $paper->to, 'on' => $paper->on,
            'back_on' => $paper->backOn === '' ? null : $paper->backOn, 'granted' => $paper->granted, 'note' => $paper->note,
        ];
    }
}
