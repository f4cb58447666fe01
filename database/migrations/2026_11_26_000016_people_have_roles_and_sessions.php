<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('users', function (Blueprint $table): void {
            $table->string('role', 20)->default('electrician');
            $table->text('second_step_secret')->nullable();
            $table->timestamp('second_step_since')->nullable();
            $table->unsignedBigInteger('second_step_used')->default(0);
            $table->text('recovery_codes')->nullable();
        });
        // Whoever set up the shop owns it; until now all could do everything.
        DB::table('users')->whereIn('id', DB::table('users')->selectRaw('min(id)')->groupBy('shop_id')->pluck('min(id)'))
            ->update(['role' => 'owner']);
        Schema::create('sessions', function (Blueprint $table): void {
            $table->string('id')->primary();
            $table->unsignedBigInteger('user_id')->nullable()->index();
            $table->string('ip_address', 45)->nullable();
            $table->text('user_agent')->nullable();
            $table->longText('payload');
            $table->integer('last_activity')->index();
        });
        Schema::create('invitations', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained()->cascadeOnDelete();
            $table->string('name', 100);
            $table->string('email', 200);
            $table->string('role', 20);
            $table->string('by', 100);
            $table->string('token', 64)->unique();
            $table->timestamp('expires_at');
            $table->timestamps();
            $table->unique(['shop_id', 'email']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('invitations');
        Schema::dropIfExists('sessions');
        Schema::table('users', function (Blueprint $table): void {
            $table->dropColumn(['role', 'second_step_secret', 'second_step_since', 'second_step_used', 'recovery_codes']);
        });
    }
};
