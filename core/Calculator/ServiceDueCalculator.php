<?php

declare(strict_types=1);

namespace Underpin\Calculator;

use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Values;
use Underpin\Keep\HourReading;
use Underpin\Keep\RunHours;
use Underpin\Keep\ServiceItem;
use Underpin\Refused;

final class ServiceDueCalculator implements Calculator
{
    public function name(): string
    {
        return 'service-due';
    }

    public function summary(): string
    {
        return 'When the next service of a machine falls due, by its hour meter and by the calendar.';
    }

    public function source(): string
    {
        return 'Good practice: the rate of the hour meter over the last year where two readings lie at least 28 days apart, else the '
            .'weekly exercise alone; of hours and days the sooner counts. Intervals are those of the manual.';
    }

    public function form(): Form
    {
        return new Form(
            Field::day('today', 'the day to count from'),
            Field::items('readings', 'of the hour meter, dates rising, hours not falling', new Form(
                Field::day('date', 'the day'), Field::number('hours', 'hours that it showed'),
            ))->optional('none'),
            Field::number('exercise_min_per_week', 'minutes that it exercises each week')->default(0),
            Field::items('items', 'what comes round, at least one', new Form(
                Field::id(), Field::number('every_h', 'hours between')->over(0)->optional('not by hours'),
                Field::number('every_days', 'days between')->over(0)->optional('not by days'),
                Field::day('last_date', 'day of the last one')->optional('not known'),
                Field::number('last_h', 'hours at the last one')->optional('not known'),
            )),
        );
    }

    public function compute(Values $in): array
    {
        $items = $in->items('items');
        if ($items === []) {
            throw new Refused('items', 'items: at least one is needed.');
        }
        $hours = RunHours::of(array_map(
            fn (Values $reading): HourReading => new HourReading($reading->text('date'), $reading->number('hours')),
            $in->itemsOrNone('readings'),
        ), $in->text('today'), $in->number('exercise_min_per_week'));
        $due = [];
        foreach ($items as $i => $item) {
            $of = $hours->due(new ServiceItem(
                $item->text('id'), $item->numberOrNull('every_h'), $item->numberOrNull('every_days'), $item->textOrNull('last_date'),
                $item->numberOrNull('last_h'),
            ), "items.$i.");
            $due[] = [
                'id' => $of->id, 'due_in_days' => $of->inDays, 'due_date' => $of->on, 'by' => $of->by, 'hours_left' => $of->hoursLeft,
            ];
        }

        return ['rate_h_per_day' => $hours->ratePerDay, 'hours_now' => $hours->now, 'items' => $due];
    }
}
