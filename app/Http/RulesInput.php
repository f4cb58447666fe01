<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Type\ItemsType;
use Underpin\Job\DemandMethod;
use Underpin\Job\LocalRules;
use Underpin\Job\Part\LocalRulesPart;

/** Local rules as a flat web form: each calculation that is accepted is a yes or a no of its own. */
final class RulesInput
{
    public static function read(Request $request): LocalRules
    {
        $plain = array_filter(LocalRulesPart::form()->fields(), fn (Field $f): bool => ! $f->type instanceof ItemsType);
        $accepted = array_map(
            fn (DemandMethod $m): Field => Field::flag(
                "accepts_$m->value", "the $m->value calculation is accepted",
            )->label("Accepts $m->value"),
            DemandMethod::cases(),
        );
        $in = FormInput::read($request, new Form(...[...$plain, ...$accepted]));
        $case = (object) array_filter($in->all(), fn (string $name): bool => ! str_starts_with($name, 'accepts_'), ARRAY_FILTER_USE_KEY);
        $case->calculations = array_values(array_map(
            fn (DemandMethod $m): object => (object) ['method' => $m->value],
            array_filter(DemandMethod::cases(), fn (DemandMethod $m): bool => $in->flag("accepts_$m->value")),
        ));

        return LocalRulesPart::read(LocalRulesPart::form()->read($case));
    }

    /** @return array<string, mixed> as the flat form shows them */
    public static function fields(LocalRules $rules): array
    {
        $fields = array_diff_key(LocalRulesPart::write($rules), ['calculations' => 0]);
        foreach (DemandMethod::cases() as $method) {
            $fields["accepts_$method->value"] = $rules->accepts($method);
        }

        return $fields;
    }
}
