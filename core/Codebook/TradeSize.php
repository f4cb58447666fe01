<?php

declare(strict_types=1);

namespace Underpin\Codebook;

/** Trade sizes of conduit, inches, smallest first. */
enum TradeSize: string
{
    case Half = '1/2';
    case ThreeQuarters = '3/4';
    case One = '1';
    case OneAndAQuarter = '1-1/4';
    case OneAndAHalf = '1-1/2';
    case Two = '2';
    case TwoAndAHalf = '2-1/2';
    case Three = '3';
}
