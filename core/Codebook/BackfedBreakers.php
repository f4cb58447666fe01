<?php

declare(strict_types=1);

namespace Underpin\Codebook;

/** Plug-on breakers that may be back-fed beside a main. The panel's label comes first. Good practice. */
final class BackfedBreakers
{
    /** The largest that two spaces take, amperes; larger frames take four. */
    public const TWO_SPACES_A = 125;
}
