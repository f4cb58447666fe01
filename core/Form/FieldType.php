<?php

declare(strict_types=1);

namespace Underpin\Form;

enum FieldType: string
{
    case Number = 'number';
    case Whole = 'whole number';
    case Id = 'id';
    case Choice = 'choice';
    case NumberChoice = 'number choice';
    case Flag = 'true or false';
    case Items = 'list';
    case Group = 'object';
    case Numbers = 'list of numbers';
    case FreeText = 'free text';
}
