<?php

declare(strict_types=1);

namespace Underpin;

/** The stages of a job, in the order the work is done. */
enum Stage: string
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

    public function title(): string
    {
        return match ($this) {
            self::PlaceAndFuel => 'Place and fuel',
            self::PriceAndPapers => 'Price and papers',
            default => ucfirst($this->value),
        };
    }

    /** Stages with a page of their own; the others stand in the line and say that they come later. */
    public function isOpen(): bool
    {
        return ! in_array($this, [self::PlaceAndFuel, self::PriceAndPapers, self::Install, self::Prove, self::Keep], true);
    }

    /** @return list<self> */
    public static function open(): array
    {
        return array_values(array_filter(self::cases(), fn (self $stage): bool => $stage->isOpen()));
    }
}
