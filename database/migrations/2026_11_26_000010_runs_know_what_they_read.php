<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The last step of the job's ledger that a run has seen: by that it knows when the job has changed since. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('runs', fn (Blueprint $table) => $table->unsignedInteger('read_seq')->nullable()->after('input'));
    }

    public function down(): void
    {
        Schema::table('runs', fn (Blueprint $table) => $table->dropColumn('read_seq'));
    }
};
