<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Codebook\Source;
use Underpin\Job\Circuit;
use Underpin\Say;
use Underpin\Service\Buildings;

/**
 * Circuits of another building are not taken to a switch in this one, one by one: that would be a second supply over there, through
 * the ground, with a disconnect and a ground of its own. NEC 2023 225.30, 225.31, 250.32.
 */
final readonly class OtherBuilding
{
    public function __construct(private Situation $situation)
    {
    }

    /**
     * @param  list<Circuit>  $circuits
     * @return list<Circuit> that can be moved, as far as somebody looked
     */
    public function without(array $circuits): array
    {
        return array_values(array_filter($circuits, fn (Circuit $circuit): bool => $this->isHere($circuit) !== false));
    }

    /**
     * @param  list<Circuit>  $circuits
     * @return list<Reason>
     */
    public function reasons(array $circuits): array
    {
        $there = array_values(array_filter($circuits, fn (Circuit $circuit): bool => $this->isHere($circuit) === false));
        $open = array_values(array_filter($circuits, fn (Circuit $circuit): bool => $this->isHere($circuit) === null));
        $source = Source::nec('225.30, 225.31, 250.32');

        return [
            ...$there === [] ? [] : [Reason::change(
                self::titles($there).': in another building, and not moved one by one. A second supply over there takes conductors through '
                    .'the ground, a disconnect and a ground of its own. A way that feeds the whole panel here reaches it.',
                $source, Say::count(count($there), 'circuit').' in another building: dark',
            )],
            ...$open === [] ? [] : [Reason::open(
                self::titles($open).': look whether that panel stands in another building. From there nothing is moved one by one.',
                $source, 'look: another building?',
            )],
        ];
    }

    /** @param  list<Circuit>  $circuits */
    private static function titles(array $circuits): string
    {
        return Say::list(array_map(fn (Circuit $circuit): string => $circuit->title(), $circuits));
    }

    private function isHere(Circuit $circuit): ?bool
    {
        $panel = $this->situation->job->panel();

        return $panel === null ? true : (new Buildings($this->situation->job->service->panels))->has($panel, $circuit);
    }
}
