<?php

declare(strict_types=1);

namespace Underpin\Job\Work;

use Underpin\Job\Part\WorkPart;
use Underpin\Refused;

/** A range of the commissioning that the label on a part or the shop sets in the place of what is usual. */
final readonly class OwnRange
{
    /**
     * @param  string  $id  its word in the codebook
     * @param  ?float  $low  in the unit of the reading; null: open at that end
     * @param  bool  $ofShop  the shop's; else it stands on a label
     */
    public function __construct(public string $id, public ?float $low, public ?float $high, public bool $ofShop = false)
    {
        WorkPart::range()->guard(['low' => $low, 'high' => $high]);
        if ($low === null && $high === null) {
            throw new Refused('low', 'From: give at least one end of the range, from or to.');
        }
        if ($low !== null && $high !== null && $low > $high) {
            throw new Refused('high', "To: must be at least $low, where it begins; $high was given.");
        }
    }
}
