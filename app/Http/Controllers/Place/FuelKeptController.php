<?php

declare(strict_types=1);

namespace App\Http\Controllers\Place;

use App\Http\Controllers\Controller;
use App\Http\Controllers\EditsJob;
use App\Http\Controllers\SavesChoices;
use App\Http\Requests\Place\ApplianceRequest;
use App\Http\Requests\Place\FuelKeptRequest;
use App\Http\Requests\Place\RemoveRequest;
use App\JobFile\Conflict;
use App\Models\Job;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Underpin\Job\FuelKept;
use Underpin\Job\GasAppliance;
use Underpin\Job\Job as JobFile;
use Underpin\Job\Part\FuelKeptPart;
use Underpin\StageKey;

/** What is stored, what else burns the same gas, and where more is to be had. */
final class FuelKeptController extends Controller
{
    use EditsJob;
    use SavesChoices;

    public function store(FuelKeptRequest $request, Job $job): Response|RedirectResponse
    {
        $in = $request->values();

        return $this->save($request, $job, 'Fuel', function (JobFile $file, Job $row) use ($request, $in): JobFile {
            $shown = fn (FuelKept $kept): array => array_intersect_key(
                FuelKeptPart::writeKept($kept), array_flip(FuelKeptRequest::FIELDS),
            );
            $now = FuelKeptPart::kept($in);
            Conflict::guard($row, ['fuel_kept'], $shown($file->fuelKept), $request->was(), $shown($now));

            return $file->with($now->with($file->fuelKept->appliances));
        });
    }

    public function appliance(ApplianceRequest $request, Job $job): Response|RedirectResponse
    {
        $in = $request->values();
        $id = $in->text('id');
        $appliance = new GasAppliance($id === '' ? $this->newKey() : $id, $in->text('name'), $in->number('btuh'),
            $in->numberOrNull('at_ft'),
            $in->numberOrNull('branch_ft'));

        return $this->save($request, $job, $appliance->name, function (JobFile $file, Job $row) use ($request, $id, $appliance): JobFile {
            $all = $file->fuelKept->appliances;
            $there = array_values(array_filter($all, fn (GasAppliance $a): bool => $a->id === $id))[0] ?? null;
            if ($id !== '' && $there === null) {
                throw Conflict::gone($row);
            }
            if ($there !== null) {
                Conflict::guard(
                    $row, ['fuel_kept', 'appliances', $id], FuelKeptPart::writeAppliance($there), $request->was(),
                    FuelKeptPart::writeAppliance($appliance),
                );
            }

            return $file->with($file->fuelKept->with($there === null
                ? [...$all, $appliance]
                : array_map(fn (GasAppliance $a): GasAppliance => $a->id === $id ? $appliance : $a, $all)));
        });
    }

    public function destroy(RemoveRequest $request, Job $job): Response|RedirectResponse
    {
        $id = $request->values()->text('id');

        return $this->save($request, $job, 'An appliance removed', function (JobFile $file, Job $row) use ($id): JobFile {
            $left = array_values(array_filter($file->fuelKept->appliances, fn (GasAppliance $a): bool => $a->id !== $id));
            if (count($left) === count($file->fuelKept->appliances)) {
                throw Conflict::gone($row);
            }

            return $file->with($file->fuelKept->with($left));
        });
    }

    private function stage(): StageKey
    {
        return StageKey::PlaceAndFuel;
    }
}
