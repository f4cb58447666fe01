<?php

declare(strict_types=1);

use App\Files\FileStore;
use App\JobFile\OldHistory;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Facades\Storage;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('job_events', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('seq');
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            // The name stays when the person leaves.
            $table->string('by', 100);
            $table->string('label', 200);
            $table->longText('changes');
            $table->unsignedInteger('undoes')->nullable();
            $table->unsignedInteger('redoes')->nullable();
            // What can be taken back or done again after this step, and what lies below that.
            $table->unsignedInteger('undo_top')->nullable();
            $table->unsignedInteger('undo_below')->nullable();
            $table->unsignedInteger('redo_top')->nullable();
            $table->unsignedInteger('redo_below')->nullable();
            $table->timestamp('created_at');
            $table->unique(['job_id', 'seq']);
        });
        Schema::create('shop_events', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->string('by', 100);
            $table->string('label', 200);
            // What of the shop's own: a load of the library, local rules, a machine; by its key.
            $table->string('of', 20);
            $table->string('of_key', 60);
            $table->longText('was')->nullable();
            $table->longText('became')->nullable();
            $table->timestamp('created_at');
            $table->index(['shop_id', 'of', 'of_key', 'id']);
        });
        Schema::table('photos', function (Blueprint $table): void {
            $table->string('hash', 64)->default('');
            $table->string('small_hash', 64)->default('');
        });
        Schema::table('interval_records', function (Blueprint $table): void {
            $table->string('key', 40)->default('utility')->after('job_id');
            $table->string('hash', 64)->default('');
        });
        $this->nameFilesByHash();
        foreach (DB::table('jobs')->orderBy('id')->lazy() as $job) {
            $this->carryOver($job);
        }
        Schema::table('interval_records', fn (Blueprint $table) => $table->dropColumn('summary'));
        Schema::table('jobs', fn (Blueprint $table) => $table->dropColumn('history_at'));
        Schema::drop('job_changes');
    }

    public function down(): void
    {
        throw new RuntimeException('The ledger of events cannot be made into the old history. Restore a backup instead.');
    }

    private function nameFilesByHash(): void
    {
        foreach (DB::table('photos')->orderBy('id')->lazy() as $photo) {
            DB::table('photos')->where('id', $photo->id)->update($this->photoHashes((int) $photo->job_id, (string) $photo->key));
        }
        foreach (DB::table('interval_records')->orderBy('id')->lazy() as $record) {
            DB::table('interval_records')->where('id', $record->id)->update(['hash' => FileStore::put((string) $record->summary)]);
        }
    }

    /** @return array{hash: string, small_hash: string} */
    private function photoHashes(int $jobId, string $key): array
    {
        $hash = function (string $path): string {
            $bytes = Storage::disk('local')->exists($path) ? Storage::disk('local')->get($path) : null;

            return $bytes === null ? '' : FileStore::put($bytes);
        };

        return ['hash' => $hash("photos/$jobId/$key.jpg"), 'small_hash' => $hash("photos/$jobId/$key-small.jpg")];
    }

    private function carryOver(stdClass $job): void
    {
        $changes = [];
        foreach (DB::table('job_changes')->leftJoin('users', 'users.id', '=', 'user_id')->where('job_id', $job->id)->orderBy('seq')
            ->get(['seq', 'user_id', 'users.name as by', 'label', 'ops', 'job_changes.created_at as created_at']) as $change) {
            $changes[] = [
                'seq' => (int) $change->seq, 'user_id' => $change->user_id, 'by' => $change->by ?? 'somebody', 'label' => $change->label,
                'ops' => $this->withHashes(self::ops((string) $change->ops), (int) $job->id), 'created_at' => $change->created_at,
            ];
        }
        if ($changes === []) {
            return;
        }
        $rows = ['jobs' => [(int) $job->id => (array) $job]];
        foreach (['panels', 'circuits', 'loads', 'photos', 'interval_records'] as $table) {
            foreach (DB::table($table)->where('job_id', $job->id)->get() as $row) {
                $rows[$table][$row->id] = array_diff_key((array) $row, ['summary' => 0]);
            }
        }
        foreach ((new OldHistory($rows, (int) $job->history_at, $changes))->events() as $event) {
            DB::table('job_events')->insert(['job_id' => $job->id, ...$event]);
        }
    }

    /** @return list<array{table: string, id: int, before: ?array<string, mixed>, after: ?array<string, mixed>}> */
    private static function ops(string $json): array
    {
        /** @var list<array{table: string, id: int, before: ?array<string, mixed>, after: ?array<string, mixed>}> $ops */
        $ops = json_decode($json, true, 64, JSON_THROW_ON_ERROR);

        return $ops;
    }

    /**
     * Photos and utility data that were taken away since lie in their old places; from now on a hash names them.
     *
     * @param  list<array{table: string, id: int, before: ?array<string, mixed>, after: ?array<string, mixed>}>  $ops
     * @return list<array{table: string, id: int, before: ?array<string, mixed>, after: ?array<string, mixed>}>
     */
    private function withHashes(array $ops, int $jobId): array
    {
        return array_map(fn (array $op): array => [
            ...$op, 'before' => $this->rowWithHashes($op['table'], $op['before'], $jobId),
            'after' => $this->rowWithHashes($op['table'], $op['after'], $jobId),
        ], $ops);
    }

    /**
     * @param  ?array<string, mixed>  $row
     * @return ?array<string, mixed>
     */
    private function rowWithHashes(string $table, ?array $row, int $jobId): ?array
    {
        if ($table === 'photos' && is_string($row['key'] ?? null)) {
            return $row + $this->photoHashes($jobId, $row['key']);
        }
        if ($table === 'interval_records' && is_string($row['summary'] ?? null)) {
            return array_diff_key($row, ['summary' => 0]) + ['hash' => FileStore::put($row['summary'])];
        }

        return $row;
    }
};
