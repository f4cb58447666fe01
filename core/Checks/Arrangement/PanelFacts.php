<?php

declare(strict_types=1);

namespace Underpin\Checks\Arrangement;

/** The panel that the generator feeds. Null: not known. */
final readonly class PanelFacts
{
    public function __construct(
        public ?bool $isSub = null,
        public ?bool $bonded = null,
        public ?bool $multiwire = null,
        public ?bool $interlockListed = null,
        public ?bool $besideMain = null,
        public bool $none = false,
    ) {
    }

    /** There is none. */
    public static function none(): self
    {
        return new self(none: true);
    }
}
