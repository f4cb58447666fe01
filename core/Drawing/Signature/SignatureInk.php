<?php

declare(strict_types=1);

namespace Underpin\Drawing\Signature;

use Underpin\Drawing\Colour;
use Underpin\Drawing\Ink;
use Underpin\Drawing\Pen;

/** What a signature is drawn with. */
enum SignatureInk: string implements Ink
{
    case Stroke = 'signature-stroke';

    public function cssClass(): string
    {
        return $this->value;
    }

    public function pen(): Pen
    {
        return Pen::line(Colour::Ink, 3);
    }
}
