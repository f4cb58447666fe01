<?php

declare(strict_types=1);

namespace App\Documents\Card;

use Underpin\Connection\OwnerStep;
use Underpin\Outage\CardCircuit;
use Underpin\Sizing\Turns\DayOfTurns;

/** One heading of the card with what stands below it. */
final readonly class CardSection
{
    /**
     * @param  string  $title  its heading
     * @param  list<OwnerStep>  $steps  in their order
     * @param  list<string>  $points  in no order
     * @param  list<CardCircuit>  $order  switched on one after the other
     * @param  list<CardCircuit>  $room  as they are wanted
     * @param  list<CardCircuit>  $off  never
     * @param  ?DayOfTurns  $turns  that is drawn on the screen and its print
     */
    public function __construct(
        public string $title,
        public array $steps = [],
        public array $points = [],
        public array $order = [],
        public array $room = [],
        public array $off = [],
        public bool $isOrder = false,
        public ?DayOfTurns $turns = null,
    ) {
    }
}
