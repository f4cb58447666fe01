<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** Whom to call in the night: the shop, and the utility of the house. */
    public function up(): void
    {
        Schema::table('shops', fn (Blueprint $table) => $table->string('phone', 40)->default(''));
        Schema::table('jobs', fn (Blueprint $table) => $table->string('customer_utility_phone', 40)->default(''));
    }

    public function down(): void
    {
        Schema::table('jobs', fn (Blueprint $table) => $table->dropColumn('customer_utility_phone'));
        Schema::table('shops', fn (Blueprint $table) => $table->dropColumn('phone'));
    }
};
