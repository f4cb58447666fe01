<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Service\Circuit;

/** What one way of connecting means on this job. */
final readonly class ConnectionVerdict
{
    public Possible $possible;

    /**
     * @param  list<Reason>  $reasons
     * @param  list<Circuit>  $powers  of those that must run or may when there is room
     * @param  list<Circuit>  $dead  that must run and stay without power this way
     * @param  string  $atNight  what the homeowner has to do
     */
    public function __construct(
        public ConnectionKind $kind,
        public array $reasons,
        public array $powers,
        public array $dead,
        public string $atNight,
        public ?int $switchPositions = null,
    ) {
        $makes = array_map(fn (Reason $r): Possible => $r->makes, $reasons);
        $this->possible = match (true) {
            in_array(Possible::No, $makes, true) => Possible::No,
            in_array(Possible::NotKnown, $makes, true) => Possible::NotKnown,
            default => Possible::Yes,
        };
    }
}
