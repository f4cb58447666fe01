<?php

declare(strict_types=1);

namespace App\Http\Requests\Place;

use App\Http\Requests\CoreRequest;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Job\Part\SitePlanPart;
use Underpin\Job\Plan\MachineSpot;
use Underpin\Job\Plan\PlanSide;

/** Where the machine stands; a side that it is served from is a field of its own. */
final class SpotRequest extends CoreRequest
{
    public function form(): Form
    {
        $spot = SitePlanPart::spot();

        return $spot->only('x', 'y', 'exhaust', 'width_ft', 'depth_ft', 'platform_in')->and(...array_map(
            fn (PlanSide $side): Field => Field::flag("served_$side->value", "it is served from $side->value")
                ->label(ucfirst($side->value))->default(false),
            PlanSide::cases(),
        ));
    }

    public function spot(): MachineSpot
    {
        $in = $this->values();

        return new MachineSpot(
            $in->number('x'), $in->number('y'), PlanSide::from($in->text('exhaust')), $in->numberOrNull('width_ft'),
            $in->numberOrNull('depth_ft'),
            array_values(array_filter(PlanSide::cases(), fn (PlanSide $side): bool => $in->flag("served_$side->value"))),
            $in->numberOrNull('platform_in'),
        );
    }

    /** @return array<string, mixed> a spot as this form shows it */
    public static function shown(?MachineSpot $spot): array
    {
        if ($spot === null) {
            return [];
        }
        $fields = array_diff_key(SitePlanPart::writeSpot($spot), ['served' => 0]);
        foreach (PlanSide::cases() as $side) {
            $fields["served_$side->value"] = in_array($side, $spot->served, true);
        }

        return $fields;
    }
}
