<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Assembly\Terminal;
use Underpin\Assembly\WireRole;

/** Where the conductors of one cord, raceway or cable end on one side: hots, neutral and ground. */
final readonly class Ends
{
    /** @param  array<string, Terminal>  $terminals  by the value of their role */
    private function __construct(public string $component, private array $terminals)
    {
    }

    /** The terminals of a receptacle, an inlet or a plug for 120/240 V, or for 120 V. */
    public static function plug(string $component, bool $hasBothLegs): self
    {
        return self::named($component, $component, $component, $hasBothLegs
            ? ['X', 'Y', 'W, silver', 'G, green'] : ['brass', '', 'W, silver', 'G, green']);
    }

    /** One side of a switch, or the terminals of a machine. */
    public static function side(string $component, string $side): self
    {
        $named = fn (string $leg): string => trim("$side $leg");

        return self::named($component, $component, $component, [$named('A'), $named('B'), $named('neutral'), $named('ground')]);
    }

    /** A breaker, with the bars of the enclosure that it sits in. */
    public static function breaker(string $breaker, string $enclosure): self
    {
        return self::named($breaker, $enclosure, $enclosure, ['A', 'B', 'neutral bar', 'ground bar']);
    }

    /** The lugs of a panel without a main, with its bars. */
    public static function lugs(string $panel): self
    {
        return self::named($panel, $panel, $panel, ['lug A', 'lug B', 'neutral bar', 'ground bar']);
    }

    /** A terminal with a name of its own for the hot. */
    public static function hot(string $component, string $name): self
    {
        return self::named($component, $component, $component, [$name, "$name B", "$name neutral", "$name ground"]);
    }

    public function at(WireRole $role): Terminal
    {
        return $this->terminals[$role->value];
    }

    /** @param  array{string, string, string, string}  $names */
    private static function named(string $hots, string $neutral, string $ground, array $names): self
    {
        return new self($hots, [
            WireRole::HotA->value => new Terminal($hots, $names[0]), WireRole::HotB->value => new Terminal($hots, $names[1]),
            WireRole::Neutral->value => new Terminal($neutral, $names[2]), WireRole::Ground->value => new Terminal($ground, $names[3]),
        ]);
    }
}
