<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('machines', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained()->cascadeOnDelete();
            $table->string('key', 40);
            $table->string('name', 100);
            $table->string('form', 20);
            $table->unsignedSmallInteger('volts');
            $table->string('outlet', 20);
            $table->unsignedSmallInteger('outlet_a');
            $table->string('neutral', 20);
            $table->boolean('gfci');
            $table->json('ratings');
            $table->unsignedInteger('price_usd');
            $table->timestamps();
            $table->unique(['shop_id', 'key']);
        });
        Schema::create('library_loads', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained()->cascadeOnDelete();
            $table->string('name', 100);
            $table->string('kind', 30);
            $table->unsignedSmallInteger('volts');
            $table->double('run_low_w');
            $table->double('run_usual_w');
            $table->double('run_high_w');
            $table->double('start_low_w');
            $table->double('start_usual_w');
            $table->double('start_high_w');
            $table->double('pf');
            $table->timestamps();
            $table->unique(['shop_id', 'name']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('library_loads');
        Schema::dropIfExists('machines');
    }
};
