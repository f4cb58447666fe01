<?php

declare(strict_types=1);

namespace Underpin;

/** The stages of a job by their keys, in the order the work is done. */
enum StageKey: string
{
    case Survey = 'survey';
    case Loads = 'loads';
    case Size = 'size';
    case Connect = 'connect';
    case Wire = 'wire';
    case PlaceAndFuel = 'place-and-fuel';
    case PriceAndPapers = 'price-and-papers';
    case Install = 'install';
    case Prove = 'prove';
    case Run = 'run';
    case Keep = 'keep';
}
