<?php

declare(strict_types=1);

namespace Underpin\Codebook;

/** Conductor sizes from 14 AWG to 500 kcmil, smallest first. */
enum ConductorSize: string
{
    case Awg14 = '14';
    case Awg12 = '12';
    case Awg10 = '10';
    case Awg8 = '8';
    case Awg6 = '6';
    case Awg4 = '4';
    case Awg3 = '3';
    case Awg2 = '2';
    case Awg1 = '1';
    case Awg1_0 = '1/0';
    case Awg2_0 = '2/0';
    case Awg3_0 = '3/0';
    case Awg4_0 = '4/0';
    case Kcmil250 = '250';
    case Kcmil300 = '300';
    case Kcmil350 = '350';
    case Kcmil400 = '400';
    case Kcmil500 = '500';

    public function words(): string
    {
        return str_starts_with($this->name, 'Awg') ? "$this->value AWG" : "$this->value kcmil";
    }
}
