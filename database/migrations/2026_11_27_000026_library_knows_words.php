<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A typical load has the words that people use for it, and the role that most choose; every shop gets the loads it has not. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('library_loads', function (Blueprint $table): void {
            $table->string('role', 10)->default('off')->after('kind');
            $table->string('words', 500)->default('')->after('name');
        });
        $now = now();
        foreach (require database_path('data/typical-loads.php') as $load) {
            $words = ['role' => $load[6], 'words' => $load[7]];
            DB::table('library_loads')->where('name', $load[0])->update($words);
            $have = DB::table('library_loads')->where('name', $load[0])->pluck('shop_id')->all();
            DB::table('library_loads')->insert(DB::table('shops')->whereNotIn('id', $have)->pluck('id')->map(fn (mixed $shop): array => [
                'shop_id' => $shop, 'name' => $load[0], 'kind' => $load[1], 'volts' => $load[2],
                'run_low_w' => $load[3][0], 'run_usual_w' => $load[3][1], 'run_high_w' => $load[3][2],
                'start_low_w' => $load[4][0], 'start_usual_w' => $load[4][1], 'start_high_w' => $load[4][2],
                'pf' => $load[5], 'created_at' => $now, 'updated_at' => $now, ...$words,
            ])->all());
        }
    }

    public function down(): void
    {
        Schema::table('library_loads', fn (Blueprint $table) => $table->dropColumn(['role', 'words']));
    }
};
