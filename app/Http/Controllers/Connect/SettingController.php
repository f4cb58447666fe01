<?php

declare(strict_types=1);

namespace App\Http\Controllers\Connect;

use App\Http\Controllers\Controller;
use App\Http\Controllers\SavesChoices;
use App\Http\Requests\Connect\SettingRequest;
use App\JobFile\Conflict;
use App\Models\Job;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Underpin\Job\Job as JobFile;
use Underpin\StageKey;

/** Settings of an automatic switch, as they are set; empty: not set. */
final class SettingController extends Controller
{
    use SavesChoices;

    public function __invoke(SettingRequest $request, Job $job): Response|RedirectResponse
    {
        $now = array_map(fn (mixed $value): ?float => is_float($value) ? $value : null, $request->values()->all());

        $edit = function (JobFile $file, Job $row) use ($request, $now): JobFile {
            $set = $file->connection->settings;
            $were = array_map(fn (string $key): ?float => $set[$key] ?? null, array_combine(array_keys($now), array_keys($now)));
            Conflict::guard($row, ['transfer_settings'], $were, $request->was(), $now);
            $kept = array_filter([...$set, ...$now], fn (?float $value): bool => $value !== null);

            return $file->with($file->connection->with(settings: $kept));
        };

        return $this->save($request, $job, 'Settings of the switch', $edit);
    }

    private function stage(): StageKey
    {
        return StageKey::Connect;
    }
}
