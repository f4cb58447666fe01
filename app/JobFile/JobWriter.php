<?php

declare(strict_types=1);

namespace App\JobFile;

use App\Models\Job;
use Underpin\Job\Job as JobFile;

/** The one place where a job file becomes rows. */
final class JobWriter
{
    /** What has changed is written, and nothing else. */
    public static function save(Job $row, JobFile $old, JobFile $new): void
    {
        if (! self::isSameBesidePanels($old, $new)) {
            $was = JobColumns::job($old);
            $row->fill(array_filter(
                JobColumns::job($new), fn (mixed $value, string $column): bool => $value !== $was[$column], ARRAY_FILTER_USE_BOTH,
            ));
        }
        // What both hold as the very same value, at the same place, has not changed: no column of it is looked at.
        $kept = array_intersect_key(self::places($old), self::places($new));
        (new RowChanges($row))->write(self::parts($old, $kept), self::parts($new, $kept));
    }

    /** All but the panels are the very same values. */
    private static function isSameBesidePanels(JobFile $old, JobFile $new): bool
    {
        $parts = fn (JobFile $job): array => array_diff_key(get_object_vars($job), ['service' => 0])
            + array_diff_key(get_object_vars($job->service), ['panels' => 0]);

        return $parts($old) === $parts($new);
    }

    /** @return array<string, true> every panel and circuit as the value that it is, and where it stands */
    private static function places(JobFile $job): array
    {
        $places = [];
        foreach ($job->service->panels as $p => $panel) {
            $places[spl_object_id($panel)." $p"] = true;
            foreach ($panel->circuits as $circuit) {
                $places[spl_object_id($circuit)." $panel->id"] = true;
            }
        }

        return $places;
    }

    /**
     * The rows of panels, circuits and loads, each by its key, with the key of what it belongs to.
     *
     * @param  array<string, true>  $kept  what is left out
     * @return array{panels: array<string, array{'', array<string, mixed>}>, circuits: array<string, array{string, array<string,
     * mixed>}>, loads: array<string, array{string, array<string, mixed>}>}
     */
    private static function parts(JobFile $job, array $kept): array
    {
        $rows = ['panels' => [], 'circuits' => [], 'loads' => []];
        foreach ($job->service->panels as $p => $panel) {
            if (! isset($kept[spl_object_id($panel)." $p"])) {
                $rows['panels'][" $panel->id"] = ['', JobColumns::panel($panel, $p)];
            }
            foreach ($panel->circuits as $circuit) {
                if (isset($kept[spl_object_id($circuit)." $panel->id"])) {
                    continue;
                }
                $rows['circuits'][" $circuit->id"] = [$panel->id, JobColumns::circuit($circuit)];
                foreach ($circuit->loads as $l => $load) {
                    $rows['loads'][" $load->id"] = [$circuit->id, JobColumns::load($load, $l)];
                }
            }
        }

        return $rows;
    }
}
