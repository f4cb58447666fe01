<?php

declare(strict_types=1);

namespace Underpin\Job;

enum Fuel: string
{
    case Gasoline = 'gasoline';
    case Propane = 'propane';
    case NaturalGas = 'natural gas';
    case Diesel = 'diesel';
}
