<?php

declare(strict_types=1);

namespace Underpin\Drawing;

/** What a line, a face or a word is drawn with: a class on a page, where the theme gives it colour; a pen on paper. */
interface Ink
{
    public function cssClass(): string;

    public function pen(): Pen;
}
