<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** Facts that were guessed before: shared neutrals, halves of a two-pole, plugs, what bridges, the bus, the kind of switch. */
    public function up(): void
    {
        Schema::table('jobs', function (Blueprint $table): void {
            $table->string('switch_kind', 10)->nullable();
            $table->json('switch_places')->nullable();
        });
        Schema::table('panels', function (Blueprint $table): void {
            $table->boolean('main_lugs')->nullable();
            $table->unsignedSmallInteger('bus_a')->nullable();
        });
        Schema::table('circuits', fn (Blueprint $table) => $table->string('shares_neutral_with', 60)->default(''));
        Schema::table('loads', function (Blueprint $table): void {
            $table->unsignedTinyInteger('pole')->nullable();
            $table->boolean('plug')->nullable();
            $table->double('bridge_min')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('loads', fn (Blueprint $table) => $table->dropColumn(['pole', 'plug', 'bridge_min']));
        Schema::table('circuits', fn (Blueprint $table) => $table->dropColumn('shares_neutral_with'));
        Schema::table('panels', fn (Blueprint $table) => $table->dropColumn(['main_lugs', 'bus_a']));
        Schema::table('jobs', fn (Blueprint $table) => $table->dropColumn(['switch_kind', 'switch_places']));
    }
};
