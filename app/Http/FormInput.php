<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use stdClass;
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
        $unreadable = [];
        self::remember($request, $form);
        foreach ($form->fields() as $field) {
            $given = $request->input($field->name);
            if (is_string($given) && ! mb_check_encoding($given, 'UTF-8')) {
                $unreadable[] = new Refused($field->name, self::unreadable($field->label, $given));
            }
            $case->{$field->name} = is_string($given) ? $field->type->fromText(trim(mb_scrub($given, 'UTF-8'))) : $given;
            if (! $request->has($field->name)) {
                // A browser sends every field of a form, also an empty one. One that is not there
                // must not fall back to its default over what is saved.
                $absent[] = new Refused($field->name, "$field->label is missing.");
            }
        }
        $faults = match (true) {
            $absent !== [] => $absent,
            $unreadable !== [] => $unreadable,
            default => $form->faults($case),
        };
        if ($faults !== []) {
            throw self::refusal($faults);
        }

        return $form->read($case);
    }

    /** What is said of bytes that are no text. */
    public static function unreadable(string $label, string $given): string
    {
        $short = mb_strimwidth(mb_scrub($given, 'UTF-8'), 0, 40, '…');

        return sprintf('%s holds bytes that are no text (UTF-8): "%s". Type it again.', $label, $short);
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
     * Keeps what the fields are called, for whoever speaks of what was sent: a list that a page sends as one text has its name here too.
     */
    public static function remember(Request $request, Form $form): void
    {
        foreach ($form->fields() as $field) {
            $request->attributes->set("label of $field->name", $field->label);
        }
    }

    /** What a field of the form that was sent is called. */
    public static function label(Request $request, string $name): string
    {
        $label = $request->attributes->get("label of $name");

        return is_string($label) ? $label : ucfirst(str_replace('_', ' ', $name));
    }

    /** A value of a field as a sentence says it. */
    public static function words(mixed $value): string
    {
        return match (true) {
            $value === null || $value === '' => 'nothing',
            $value === true => 'yes',
            $value === false => 'no',
            is_scalar($value) => (string) $value,
            default => 'something else',
        };
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
}
