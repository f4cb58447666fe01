<?php

declare(strict_types=1);

namespace Underpin\Job\Part;

use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Unit;
use Underpin\Form\Values;
use Underpin\Job\Measured;
use Underpin\Legs\Leg;
use Underpin\Refused;

/** What a clamp meter found on a circuit. */
final class MeasuredPart
{
    public static function form(): Form
    {
        /** @var ?Form $form */
        static $form = null;

        return $form ??= new Form(
            Field::enum('leg', 'where the current rose', Leg::class)->label('Rose on'),
            Field::number('run_a', 'amperes once it had settled')->label('Runs')->in(Unit::Amperes)->atMost(Measured::MOST_A),
            Field::number('start_a', 'highest amperes of the start, at least run_a')
                ->label('Starts')
                ->in(Unit::Amperes)
                ->atMost(Measured::MOST_A),
            Field::date('on', 'the day, as YYYY-MM-DD')->label('Day'),
            Field::flag('by_hand', 'read off a meter and typed in')->label('By hand')->default(false),
        );
    }

    /** @return array<string, mixed> */
    public static function write(Measured $measured): array
    {
        return [
            'leg' => $measured->leg->value, 'run_a' => $measured->runAmps, 'start_a' => $measured->startAmps, 'on' => $measured->on,
            'by_hand' => $measured->byHand,
        ];
    }

    /** @throws Refused by field */
    public static function read(?Values $in): ?Measured
    {
        return $in === null ? null : new Measured(
            Leg::from($in->text('leg')), $in->number('run_a'), $in->number('start_a'), $in->text('on'), $in->flag('by_hand'),
        );
    }
}
