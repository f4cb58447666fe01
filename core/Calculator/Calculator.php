<?php

declare(strict_types=1);

namespace Underpin\Calculator;

use Underpin\Form\Form;
use Underpin\Form\Values;
use Underpin\Refused;

/** One calculation of the core in the words of the command contract. */
interface Calculator
{
    public function name(): string;

    /** One line for the list. */
    public function summary(): string;

    /** Where the rule comes from, and what it leaves out. */
    public function source(): string;

    public function form(): Form;

    /**
     * @return array<string, mixed> named with their units, nothing rounded
     *
     * @throws Refused naming the field at fault
     */
    public function compute(Values $in): array;
}
