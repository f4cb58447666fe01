<?php

declare(strict_types=1);

namespace Underpin\JobFile\Section;

use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Values;
use Underpin\Service\ExistingEquipment;
use Underpin\Service\ExistingFault;

/** Answers about backup equipment that is there already. */
final class ExistingSection
{
    /** One answer. */
    public static function form(): Form
    {
        return new Form(
            Field::enum('question', 'the fault asked for', ExistingFault::class),
            Field::flag('found', 'the fault is there'),
        );
    }

    /** @return list<array{question: string, found: bool}> in the order of the questions */
    public static function write(ExistingEquipment $existing): array
    {
        $answers = [];
        foreach (ExistingFault::cases() as $fault) {
            $found = $existing->answer($fault);
            if ($found !== null) {
                $answers[] = ['question' => $fault->value, 'found' => $found];
            }
        }

        return $answers;
    }

    /** @param  list<Values>  $answers the later of two answers to one question counts */
    public static function read(array $answers): ExistingEquipment
    {
        $existing = new ExistingEquipment;
        foreach ($answers as $answer) {
            $existing = $existing->with(ExistingFault::from($answer->text('question')), $answer->flag('found'));
        }

        return $existing;
    }
}
