<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('jobs', function (Blueprint $table): void {
            $table->json('existing')->nullable()->after('notes');
            $table->json('site')->nullable()->after('existing');
            $table->json('demand')->nullable()->after('site');
        });
        Schema::table('circuits', function (Blueprint $table): void {
            $table->string('keep_on', 100)->default('')->after('note');
        });
    }

    public function down(): void
    {
        Schema::table('circuits', fn (Blueprint $table) => $table->dropColumn('keep_on'));
        Schema::table('jobs', fn (Blueprint $table) => $table->dropColumn(['existing', 'site', 'demand']));
    }
};
