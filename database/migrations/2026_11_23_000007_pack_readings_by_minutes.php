<?php

declare(strict_types=1);

use App\Recordings\ReadingBlock;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Underpin\Measure\Reading;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('reading_blocks', function (Blueprint $table): void {
            $table->foreignId('recording_id')->constrained()->cascadeOnDelete();
            // Since the recording began.
            $table->unsignedSmallInteger('minute');
            $table->binary('readings');
            $table->primary(['recording_id', 'minute']);
        });
        // A dense minute is more than the 64 kB of a plain blob.
        DB::statement('ALTER TABLE reading_blocks MODIFY readings MEDIUMBLOB NOT NULL');
        $minutes = DB::table('readings')
            ->select('recording_id')
            ->selectRaw('floor(at_ms / ?) as minute', [ReadingBlock::MS])
            ->distinct()
            ->get();
        foreach ($minutes as $minute) {
            $from = (int) $minute->minute * ReadingBlock::MS;
            $rows = DB::table('readings')
                ->where('recording_id', $minute->recording_id)
                ->whereBetween('at_ms', [$from, $from + ReadingBlock::MS - 1])
                ->orderBy('at_ms')
                ->get();
            DB::table('reading_blocks')->insert([
                'recording_id' => $minute->recording_id, 'minute' => $minute->minute,
                'readings' => ReadingBlock::pack(
                    array_values(
                        $rows->map(
                            fn (object $row): Reading => new Reading((int) $row->at_ms, (float) $row->a_amps, (float) $row->b_amps)
                        )->all()
                    )
                ),
            ]);
        }
        Schema::drop('readings');
    }

    public function down(): void
    {
        Schema::create('readings', function (Blueprint $table): void {
            $table->foreignId('recording_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('at_ms');
            $table->float('a_amps');
            $table->float('b_amps');
            $table->primary(['recording_id', 'at_ms']);
        });
        foreach (DB::table('reading_blocks')->orderBy('recording_id')->orderBy('minute')->cursor() as $block) {
            DB::table('readings')->insert(
                array_map(
                    fn (Reading $r): array => [
                        'recording_id' => $block->recording_id, 'at_ms' => $r->atMs, 'a_amps' => $r->aAmps, 'b_amps' => $r->bAmps,
                    ],
                    ReadingBlock::unpack((string) $block->readings),
                )
            );
        }
        Schema::drop('reading_blocks');
    }
};
