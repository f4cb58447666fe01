<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('shop_ranges', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained()->cascadeOnDelete();
            $table->string('of', 40);
            $table->double('low')->nullable();
            $table->double('high')->nullable();
            $table->timestamps();
            $table->unique(['shop_id', 'of']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('shop_ranges');
    }
};
