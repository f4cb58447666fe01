<?php

declare(strict_types=1);

namespace App\Screens;

use App\Http\FormInput;
use Illuminate\Http\Request;
use stdClass;
use Underpin\Csv\Number;
use Underpin\Form\Field;
use Underpin\Form\FieldType;
use Underpin\Form\Form;
use Underpin\Loads\Demand\DemandInputs;
use Underpin\Refused;

/**
 * The load calculation as a flat web form: lists of nameplates are one line of numbers, and
 * appliances one line each, a name and its volt-amperes.
 */
final class DemandForm
{
    public static function read(Request $request): DemandInputs
    {
        $lists = array_filter(DemandInputs::form()->fields(), self::isList(...));
        $plain = FormInput::read($request, new Form(...array_filter(DemandInputs::form()->fields(), fn (Field $f): bool => ! self::isList($f))));
        $case = (object) $plain->all();
        foreach ($lists as $list) {
            $text = $request->string($list->name)->toString();
            $case->{$list->name} = $list->type === FieldType::Items ? self::appliances($text) : self::numbers($list->name, $text);
        }
        $faults = DemandInputs::form()->faults($case);
        if ($faults !== []) {
            // A fault inside a list is shown at the line that the list was typed in.
            throw FormInput::refusal(array_map(fn (Refused $f): Refused => new Refused((string) strtok($f->field, '.'), $f->getMessage()), $faults));
        }
        $inputs = DemandInputs::from(DemandInputs::form()->read($case));
        $inputs->worksheet();

        return $inputs;
    }

    /** @return array<string, mixed> by field, as the page shows it */
    public static function fields(?DemandInputs $inputs): array
    {
        $fields = [];
        foreach ($inputs?->toArray() ?? [] as $name => $value) {
            $fields[$name] = match (true) {
                $name === 'appliances' => implode("\n", array_map(fn (array $a): string => $a['id'].' '.Number::write($a['va']), $inputs->dwelling->appliances ?? [])),
                is_array($value) => implode(', ', array_map(fn (mixed $va): string => Number::write(is_float($va) ? $va : null), $value)),
                default => $value,
            };
        }

        return $fields;
    }

    private static function isList(Field $field): bool
    {
        return in_array($field->type, [FieldType::Items, FieldType::Numbers], true);
    }

    /** @return list<float> */
    private static function numbers(string $name, string $text): array
    {
        $numbers = [];
        foreach (preg_split('/[;\s]+|,\s+|,$/', trim($text), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $word) {
            $numbers[] = Number::read($word) ?? throw new Refused($name, "$name: \"".mb_substr($word, 0, 40).'" is not a number.');
        }

        return $numbers;
    }

    /** @return list<stdClass> */
    private static function appliances(string $text): array
    {
        $appliances = [];
        foreach (preg_split('/\R/', trim($text), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $i => $line) {
            if (preg_match('/^(.+?)[\s,;:]+([\d.,\']+)\s*(?:VA|W)?\s*$/iu', trim($line), $found) !== 1) {
                throw new Refused('appliances', sprintf('appliances: line %d needs a name and its volt-amperes, like "water heater 4500".', $i + 1));
            }
            $appliances[] = (object) ['id' => mb_substr($found[1], 0, 60), 'va' => Number::read($found[2]) ?? 0.0];
        }

        return $appliances;
    }
}
