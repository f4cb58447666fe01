<?php

declare(strict_types=1);

namespace Underpin\Job\Part;

use Underpin\Form\FaultList;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Values;
use Underpin\Job\Job;
use Underpin\Job\SetAside;
use Underpin\Job\SetAsideAdvice;

/** Advice that was set aside, with the reason and the name. */
final class SetAsidePart implements JobPart
{
    private static function advice(): Form
    {
        return new Form(
            Field::text('code', 'code of the finding')->label('Advice')->required()->atMost(40),
            Field::text('circuit', 'id of the circuit that it is about; empty: none')->label('Circuit')->atMost(Job::LONGEST_ID),
            self::reason(), Field::text('by', 'who set it aside')->label('Set aside by')->required()->atMost(100),
            Field::date('on', 'the day')->label('Set aside on')->required(),
        );
    }

    public static function reason(): Field
    {
        return Field::text('reason', 'why it is set aside')->label('Reason')->required()->atMost(300);
    }

    public function fields(): array
    {
        return [Field::items('set_aside', 'advice that was set aside', self::advice())->label('Set aside')->atMost(SetAside::MOST)
            ->optional('nothing')];
    }

    public function read(Values $in, FaultList $faults): SetAside
    {
        return new SetAside(array_map(fn (Values $each): SetAsideAdvice => new SetAsideAdvice(
            $each->text('code'), $each->text('circuit'), $each->text('reason'), $each->text('by'), $each->text('on'),
        ), $in->itemsOrNone('set_aside')));
    }

    public function write(Job $job): array
    {
        return ['set_aside' => array_map(
            fn (SetAsideAdvice $a): array => [
                'code' => $a->code, 'circuit' => $a->circuit, 'reason' => $a->reason, 'by' => $a->by, 'on' => $a->on,
            ],
            $job->setAside->advice,
        )];
    }
}
