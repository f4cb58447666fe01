<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Work that goes on where it was cut short keeps what it has so far, and what came of it. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('runs', fn (Blueprint $table) => $table->json('kept')->nullable());
    }

    public function down(): void
    {
        Schema::table('runs', fn (Blueprint $table) => $table->dropColumn('kept'));
    }
};
