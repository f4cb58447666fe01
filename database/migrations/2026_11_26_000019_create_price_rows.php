<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('price_rows', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained()->cascadeOnDelete();
            $table->string('item', 40);
            $table->double('price_usd')->nullable();
            $table->double('hours')->nullable();
            $table->timestamps();
            $table->unique(['shop_id', 'item']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('price_rows');
    }
};
