<?php

declare(strict_types=1);

namespace Underpin\Calculator;

use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Values;
use Underpin\Job\Position;
use Underpin\Refused;
use Underpin\Service\Moves\FewestMoves;
use Underpin\Service\Moves\Move;
use Underpin\Service\Moves\PanelRoom;
use Underpin\Service\Moves\SeatedBreaker;

final class InterlockMovesCalculator implements Calculator
{
    public function name(): string
    {
        return 'interlock-moves';
    }

    public function summary(): string
    {
        return 'The fewest breakers that must move so that the two spaces of an interlock become free.';
    }

    public function source(): string
    {
        return 'Every arrangement is weighed, proven best: fewest moves, then fewest new tandems, then fewest that change a leg. NEC 2023 '
            .'110.3(B), 408.54 for tandems; the two halves of a multiwire circuit are entered as a two-pole (210.4(B)).';
    }

    public function form(): Form
    {
        return new Form(
            Field::whole('spaces', 'of the panel, even; odd ones run down the left column')->atLeast(2)->atMost(Position::HIGHEST_SPACE),
            Field::items('breakers', 'what sits in it', new Form(
                Field::id(),
                Field::whole('space', 'the upper one')->atLeast(1)->atMost(Position::HIGHEST_SPACE),
                Field::whole('poles', '1, or 2: that takes the space below too')->atLeast(1)->atMost(2),
                Field::flag('tandem', 'a one-pole breaker that holds two circuits in one space')->default(false),
            )),
            Field::numbers('needs', 'the two spaces that the interlock demands, one above the other')->atMost(2),
            Field::numbers('tandem_spaces', 'where the panel accepts a tandem breaker')->optional('nowhere'),
        );
    }

    public function compute(Values $in): array
    {
        $breakers = [];
        foreach ($in->items('breakers') as $i => $each) {
            try {
                $breakers[] = new SeatedBreaker(
                    $each->text('id'), $each->whole('space'), $each->whole('poles'), $each->flag('tandem'),
                );
            } catch (Refused $refused) {
                throw $refused->within("breakers.$i");
            }
        }
        $room = new PanelRoom($in->whole('spaces'), $breakers, self::spaces($in, 'needs'), self::spaces($in, 'tandem_spaces'));
        $plan = FewestMoves::of($room);
        if (! $plan->isPossible()) {
            return ['possible' => false, 'reason' => $plan->reason];
        }
        $tandems = $plan->tandems();

        return [
            'possible' => true,
            'moves' => array_map(fn (Move $move): array => [
                'id' => $move->breaker->id, 'from' => $move->breaker->space, 'to' => $move->to->space,
                'leg_changed' => $move->changesLeg(),
            ], $plan->moves),
            'tandems' => array_map(
                fn (int $space, array $ids): array => ['space' => $space, 'ids' => $ids], array_keys($tandems), array_values($tandems),
            ),
            'moves_count' => count($plan->moves),
            'tandems_count' => count($tandems),
        ];
    }

    /** @return list<int> */
    private static function spaces(Values $in, string $field): array
    {
        $spaces = [];
        foreach ($in->numbers($field) as $i => $space) {
            if ($space !== floor($space)) {
                throw new Refused("$field.$i", "$field must hold whole numbers of spaces; $space was given.");
            }
            $spaces[] = (int) $space;
        }

        return $spaces;
    }
}
