<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use stdClass;
use Underpin\Csv\Number;
use Underpin\Form\Field;
use Underpin\Form\FieldType;
use Underpin\Form\Form;
use Underpin\Form\Values;
use Underpin\Refused;

/**
 * Reads a submitted web form by the core's own form, so that a page, a job file and a command
 * refuse the same things in the same words. A browser sends only text: here it becomes numbers
 * and flags first.
 */
final class FormInput
{
    /**
     * @throws ValidationException with every fault by its field
     */
    public static function read(Request $request, Form $form): Values
    {
        $case = new stdClass;
        $absent = [];
        foreach ($form->fields() as $field) {
            $case->{$field->name} = self::typed($field, $request->input($field->name));
            if (! $request->has($field->name)) {
                // A browser sends every field of a form, also an empty one. One that is not there
                // must not fall back to its default over what is saved.
                $absent[] = new Refused($field->name, "$field->name is missing.");
            }
        }
        $faults = $absent === [] ? $form->faults($case) : $absent;
        if ($faults !== []) {
            throw self::refusal($faults);
        }

        return $form->read($case);
    }

    /** @param  list<Refused>  $faults */
    public static function refusal(array $faults): ValidationException
    {
        $messages = [];
        foreach ($faults as $fault) {
            $messages[$fault->field === '' ? 'form' : $fault->field][] = $fault->getMessage();
        }

        return ValidationException::withMessages($messages);
    }

    /**
     * What the page showed when it was opened, by field.
     *
     * @return array<string, mixed>
     */
    public static function was(Request $request): array
    {
        $was = $request->input('was');
        $decoded = is_string($was) ? json_decode($was, true) : null;
        $fields = [];
        foreach (is_array($decoded) ? $decoded : [] as $name => $value) {
            $fields[(string) $name] = $value;
        }

        return $fields;
    }

    private static function typed(Field $field, mixed $value): mixed
    {
        if (! is_string($value)) {
            return $value;
        }
        $text = trim(mb_scrub($value, 'UTF-8'));
        if ($text === '' && $field->type !== FieldType::FreeText) {
            return null;
        }

        return match ($field->type) {
            FieldType::Number, FieldType::Whole, FieldType::NumberChoice => Number::read($text) ?? $text,
            FieldType::Flag => match ($text) {
                '1', 'yes', 'on', 'true' => true,
                '0', 'no', 'off', 'false' => false,
                default => $text,
            },
            default => $text,
        };
    }
}
