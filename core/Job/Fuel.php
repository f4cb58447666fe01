<?php

declare(strict_types=1);

namespace Underpin\Job;

enum Fuel: string
{
    case Gasoline = 'gasoline';
    case Propane = 'propane';
    case NaturalGas = 'natural gas';
    case Diesel = 'diesel';
    case Stored = 'stored energy';

    /** @return list<self> what an engine burns */
    public static function burned(): array
    {
        return [self::Gasoline, self::Propane, self::NaturalGas, self::Diesel];
    }
}
