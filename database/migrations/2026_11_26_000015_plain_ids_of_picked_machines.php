<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    /** The id of a picked machine could be any text once; it is plain letters and digits now. */
    public function up(): void
    {
        foreach (DB::table('jobs')->whereNotNull('machine')->get(['id', 'machine']) as $job) {
            $machine = json_decode((string) $job->machine, true);
            $id = is_array($machine) && is_string($machine['id'] ?? null) ? $machine['id'] : '';
            $plain = substr(trim((string) preg_replace('/[^A-Za-z0-9_-]+/', '-', $id), '-_'), 0, 60);
            if ($id !== '' && $plain !== $id) {
                DB::table('jobs')->where('id', $job->id)->update([
                    'machine' => json_encode(['id' => $plain === '' ? 'machine' : $plain] + $machine, JSON_THROW_ON_ERROR),
                ]);
            }
        }
    }

    public function down(): void
    {
    }
};
