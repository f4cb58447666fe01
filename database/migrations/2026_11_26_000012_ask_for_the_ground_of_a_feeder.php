<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** What tells whether the bond of a panel behind the service is one too many, or the only one. */
    public function up(): void
    {
        Schema::table('panels', function (Blueprint $table): void {
            $table->string('feeder_ground', 10)->nullable();
            $table->boolean('other_building')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('panels', fn (Blueprint $table) => $table->dropColumn(['feeder_ground', 'other_building']));
    }
};
