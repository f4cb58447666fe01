<?php

declare(strict_types=1);

namespace Underpin\Pricing\Book;

use Underpin\Assembly\Task;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Unit;
use Underpin\Money;

/** The hours that a shop takes for a task, and what else one costs: a fee, a hired machine. Null: not said. */
final readonly class TaskPrice
{
    public const MOST_H = 1_000;

    public function __construct(public Task $task, public ?float $hours = null, public ?Money $price = null)
    {
    }

    /** A row as a page and a sheet know it. */
    public static function form(): Form
    {
        /** @var ?Form $form */
        static $form = null;

        return $form ??= new Form(
            Field::enum('item', 'what is done', Task::class)->label('Work'),
            Field::number('hours', 'hours that one takes')->label('Hours')->in(Unit::Hours)->atMost(self::MOST_H)->optional('the usual'),
            Field::number('price_usd', 'dollars for one beside the hours: a fee, a hired machine')->label('Fee')->in(Unit::Dollars)
                ->atMost(PartPrice::MOST_USD)->optional('none'),
        );
    }
}
