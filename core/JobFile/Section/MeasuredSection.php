<?php

declare(strict_types=1);

namespace Underpin\JobFile\Section;

use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Values;
use Underpin\Loads\Measure\Measured;
use Underpin\Refused;
use Underpin\Service\Leg;

/** What a clamp meter found on a circuit. */
final class MeasuredSection
{
    public static function form(): Form
    {
        return new Form(
            Field::enum('leg', 'where the current rose', Leg::class),
            Field::number('run_a', 'amperes once it had settled')->atMost(Measured::MOST_A),
            Field::number('start_a', 'highest amperes of the start, at least run_a')->atMost(Measured::MOST_A),
            Field::text('on', 'the day, as YYYY-MM-DD')->atMost(10),
            Field::flag('by_hand', 'read off a meter and typed in')->default(false),
        );
    }

    /** @return array<string, mixed> */
    public static function write(Measured $measured): array
    {
        return [
            'leg' => $measured->leg->value, 'run_a' => $measured->runA, 'start_a' => $measured->startA, 'on' => $measured->on, 'by_hand' => $measured->byHand,
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
