<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Long work: what the queue holds, and what people see of it. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('queued_work', function (Blueprint $table): void {
            $table->id();
            $table->string('queue')->index();
            $table->longText('payload');
            $table->unsignedTinyInteger('attempts');
            $table->unsignedInteger('reserved_at')->nullable();
            $table->unsignedInteger('available_at');
            $table->unsignedInteger('created_at');
        });
        Schema::create('runs', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('task', 30);
            $table->string('label', 200);
            $table->json('input');
            $table->string('state', 10);
            $table->double('share')->nullable();
            $table->string('said', 500)->default('');
            $table->boolean('stop_asked')->default(false);
            $table->timestamp('beat_at')->nullable();
            $table->timestamps();
            $table->index(['job_id', 'task']);
        });
    }

    public function down(): void
    {
        Schema::drop('runs');
        Schema::drop('queued_work');
    }
};
