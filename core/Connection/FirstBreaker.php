<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Codebook\Source;

/** The breaker that the generator's run meets first, and where it sits. */
final readonly class FirstBreaker
{
    /**
     * @param  string  $name  what it is called
     * @param  string  $inside  id of the component that it sits in
     * @param  string  $feeds  id of the component that the run ends at
     * @param  string  $held  what is said of how it is held; empty: nothing
     * @param  string  $onOneHot  what it is on a 120 V machine
     * @param  ?string  $panel  id of the job's panel that it sits in; null: it sits in none of them
     * @param  list<int>  $spaces  of that panel
     */
    private function __construct(
        public string $name, public string $inside, public string $feeds, public Source $rule, public string $held,
        public string $onOneHot, public ?string $panel = null, public array $spaces = [],
    ) {
    }

    /** In the switch, or the panel of a switch, that the run ends at. */
    public static function inSwitch(string $name, Source $rule, string $held = '', string $onOneHot = 'one-pole'): self
    {
        return new self($name, 'switch', 'switch', $rule, $held, $onOneHot);
    }

    /** At the machine: nobody stands at the house to close one. */
    public static function atMachine(string $name, string $feeds, Source $rule, string $held): self
    {
        return new self($name, 'generator', $feeds, $rule, $held, 'one-pole');
    }

    /**
     * In a panel of the house.
     *
     * @param  list<int>  $spaces
     */
    public static function inPanel(string $name, string $panel, array $spaces, Source $rule, string $held, string $onOneHot): self
    {
        $id = HousePanel::id($panel);

        return new self($name, $id, $id, $rule, $held, $onOneHot, $panel, $spaces);
    }

    public function isAtMachine(): bool
    {
        return $this->inside === 'generator';
    }
}
