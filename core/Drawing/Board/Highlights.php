<?php

declare(strict_types=1);

namespace Underpin\Drawing\Board;

/** What of a job is pointed at while a board is looked at. */
final readonly class Highlights
{
    /**
     * @param  ?string  $circuit  the selected one
     * @param  ?string  $panel  where a free space is selected
     * @param  list<string>  $flagged  ids of circuits with findings
     */
    public function __construct(
        public ?string $circuit = null,
        public ?string $panel = null,
        public ?int $space = null,
        public array $flagged = [],
    ) {
    }
}
