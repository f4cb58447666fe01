<?php

declare(strict_types=1);

namespace Underpin\Drawing\Signature;

use Underpin\Drawing\Drawing;
use Underpin\Drawing\Element\Path;
use Underpin\Drawing\Element\Trace;
use Underpin\Drawing\Layer;
use Underpin\Drawing\Sheet;
use Underpin\Job\Quote\Signature;

/** A signature as it was drawn. */
final class SignatureDrawing
{
    public static function of(Signature $signature): Drawing
    {
        return new Drawing('Signature', Sheet::diagram(Signature::WIDTH, Signature::HEIGHT), [new Layer('strokes', [new Path(
            array_map(fn (array $stroke): Trace => Trace::through(...$stroke), $signature->points()), SignatureInk::Stroke,
        )])]);
    }
}
