<?php

declare(strict_types=1);

namespace Underpin\Drawing;

use Underpin\Drawing\Element\Circle;
use Underpin\Drawing\Element\Group;
use Underpin\Drawing\Element\Line;
use Underpin\Drawing\Element\Link;
use Underpin\Drawing\Element\Path;
use Underpin\Drawing\Element\Placed;
use Underpin\Drawing\Element\Rect;
use Underpin\Drawing\Element\Text;

/** What a writer knows how to write; every element is drawn with these alone. */
interface Canvas
{
    public function layer(Layer $layer): void;

    public function rect(Rect $rect): void;

    public function line(Line $line): void;

    public function path(Path $path): void;

    public function circle(Circle $circle): void;

    public function text(Text $text): void;

    public function group(Group $group): void;

    public function link(Link $link): void;

    public function placed(Placed $placed): void;
}
