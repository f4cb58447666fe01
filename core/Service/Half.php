<?php

declare(strict_types=1);

namespace Underpin\Service;

/** Which half of a tandem breaker: "12a" is the upper, "12b" the lower. */
enum Half: string
{
    case Upper = 'a';
    case Lower = 'b';
}
