<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Parts that are kept whole stand in a column each, in the terms of a job file. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('jobs', function (Blueprint $table): void {
            $table->json('site_plan')->nullable();
            $table->json('fuel_kept')->nullable();
        });
        DB::table('jobs')->whereRaw("json_type(set_aside) = 'ARRAY'")->update(
            ['set_aside' => DB::raw("json_object('set_aside', set_aside)")],
        );
    }

    public function down(): void
    {
        DB::table('jobs')->whereRaw("json_type(set_aside) = 'OBJECT'")->update([
            'set_aside' => DB::raw("json_extract(set_aside, '$.set_aside')"),
        ]);
        Schema::table('jobs', fn (Blueprint $table) => $table->dropColumn(['site_plan', 'fuel_kept']));
    }
};
