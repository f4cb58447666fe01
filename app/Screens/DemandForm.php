<?php

declare(strict_types=1);

namespace App\Screens;

use App\Http\FormInput;
use Illuminate\Http\Request;
use stdClass;
use Underpin\Csv\Number;
use Underpin\Demand\Worksheet;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Type\ItemsType;
use Underpin\Form\Type\NumbersType;
use Underpin\Job\DemandInputs;
use Underpin\Job\Part\DemandInputsPart;
use Underpin\Refused;

/**
 * The load calculation as a flat web form: lists of nameplates are one line of numbers, and
 * appliances one line each, a name and its volt-amperes.
 */
final class DemandForm
{
    public static function read(Request $request): DemandInputs
    {
        $lists = array_filter(DemandInputsPart::form()->fields(), self::isList(...));
        $plain = FormInput::read(
            $request, new Form(...array_filter(DemandInputsPart::form()->fields(), fn (Field $f): bool => ! self::isList($f))),
        );
        FormInput::remember($request, DemandInputsPart::form());
        $case = (object) $plain->all();
        foreach ($lists as $list) {
            $text = $request->string($list->name)->toString();
            $case->{$list->name} = $list->type instanceof ItemsType ? self::appliances($text) : self::numbers($list, $text);
        }
        $faults = DemandInputsPart::form()->faults($case);
        if ($faults !== []) {
            // A fault inside a list is shown at the line that the list was typed in.
            throw FormInput::refusal(
                array_map(fn (Refused $f): Refused => new Refused((string) strtok($f->field, '.'), $f->getMessage()), $faults)
            );
        }
        $inputs = DemandInputsPart::read(DemandInputsPart::form()->read($case));
        Worksheet::of($inputs);

        return $inputs;
    }

    /** @return array<string, mixed> by field, as the page shows it */
    public static function fields(?DemandInputs $inputs): array
    {
        $fields = [];
        foreach ($inputs === null ? [] : DemandInputsPart::write($inputs) as $name => $value) {
            $fields[$name] = match (true) {
                $name === 'appliances' => implode(
                    "\n", array_map(fn (array $a): string => $a['id'].' '.Number::write($a['va']), $inputs->dwelling->appliances ?? []),
                ),
                is_array($value) => implode(', ', array_map(fn (mixed $va): string => Number::write(is_float($va) ? $va : null), $value)),
                default => $value,
            };
        }

        return $fields;
    }

    private static function isList(Field $field): bool
    {
        return $field->type instanceof ItemsType || $field->type instanceof NumbersType;
    }

    /** @return list<float> */
    private static function numbers(Field $field, string $text): array
    {
        $numbers = [];
        foreach (preg_split('/[;\s]+|,\s+|,$/', trim($text), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $word) {
            $numbers[] = Number::read($word) ?? throw $field->refused($word);
        }

        return $numbers;
    }

    /** @return list<stdClass> */
    private static function appliances(string $text): array
    {
        $appliances = [];
        foreach (preg_split('/\R/', trim($text), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $i => $line) {
            if (preg_match('/^(.+?)[\s,;:]+([\d.,\']+)\s*(?:VA|W)?\s*$/iu', trim($line), $found) !== 1) {
                throw new Refused(
                    'appliances', sprintf('Appliances: line %d needs a name and its volt-amperes, like "water heater 4500".', $i + 1),
                );
            }
            $appliances[] = (object) ['id' => mb_substr($found[1], 0, 60), 'va' => Number::read($found[2]) ?? 0.0];
        }

        return $appliances;
    }
}
