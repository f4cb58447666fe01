<?php

declare(strict_types=1);

namespace Underpin\Drawing\Element;

use Underpin\Drawing\Canvas;
use Underpin\Drawing\Spot;

/** Elements that are one thing, can be selected, and lead to a spot of the job. */
final readonly class Link implements Element
{
    /**
     * @param  string  $kind  the class of the thing on a page
     * @param  string  $id  of its own on the page; empty for none
     * @param  string  $title  shown beside the pointer; empty for none
     * @param  array<string, string>  $facts  what a script finds it by
     * @param  list<Element>  $elements
     */
    public function __construct(
        public Spot $to,
        public string $kind,
        public string $id,
        public string $spoken,
        public string $title,
        public bool $isSelected,
        public array $facts,
        public array $elements,
    ) {
    }

    public function drawOn(Canvas $canvas): void
    {
        $canvas->link($this);
    }
}
