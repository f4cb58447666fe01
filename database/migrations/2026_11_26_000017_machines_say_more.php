<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a plate says beyond outlet and watts; what it does not say is left open; what is not sold any more is retired. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('machines', function (Blueprint $table): void {
            $table->string('form', 20)->change();
            $table->string('neutral', 20)->nullable()->change();
            $table->boolean('gfci')->nullable()->default(null)->change();
            $table->unsignedInteger('price_usd')->nullable()->change();
            $table->json('more')->nullable();
            $table->boolean('retired')->default(false);
        });
    }
};
