<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** What a shop takes a column of a panel schedule for, by the word over it; no meaning: it is left out. */
    public function up(): void
    {
        Schema::create('sheet_words', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained()->cascadeOnDelete();
            $table->string('word', 100)->collation('utf8mb4_bin');
            $table->string('meaning', 20)->nullable();
            $table->unique(['shop_id', 'word']);
        });
    }

    public function down(): void
    {
        Schema::drop('sheet_words');
    }
};
