<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('jobs', fn (Blueprint $table) => $table->json('work')->nullable());
        // A change that a device sends again days later is known by the name that it gave it.
        Schema::table('job_events', fn (Blueprint $table) => $table->char('once', 32)->nullable()->index());
        Schema::table('photos', fn (Blueprint $table) => $table->string('of_key', 160)->change());
    }

    public function down(): void
    {
        Schema::table('job_events', fn (Blueprint $table) => $table->dropColumn('once'));
        Schema::table('jobs', fn (Blueprint $table) => $table->dropColumn('work'));
    }
};
