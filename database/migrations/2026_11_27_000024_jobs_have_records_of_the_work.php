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
            $table->json('work')->nullable();
            $table->json('log')->nullable();
            // What the board of all jobs asks for: what is due, the soonest of it, and the day of the work.
            $table->json('dues')->nullable();
            $table->string('next_due', 10)->nullable();
            $table->string('install_on', 10)->nullable();
            $table->string('waits_for', 200)->nullable();
            // Who has this may end the mails of a job, and nothing else.
            $table->char('mail_key', 40)->nullable()->unique();
            $table->boolean('mails_stopped')->default(false);
            $table->index(['shop_id', 'next_due']);
            $table->index(['shop_id', 'install_on']);
            $table->index(['shop_id', 'waits_for']);
        });
        Schema::create('reminders', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->string('key', 100);
            $table->string('due_on', 10);
            $table->timestamp('created_at')->useCurrent();
            $table->unique(['job_id', 'key', 'due_on']);
        });
        Schema::create('rehearsal_links', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->char('hash', 64)->unique();
            // Sealed with the key of the app, so that the card can be printed again.
            $table->text('sealed');
            $table->timestamp('expires_at')->nullable();
            $table->timestamp('ended_at')->nullable();
            $table->timestamp('created_at')->useCurrent();
        });
        // A change that a device sends again days later is known by the name that it gave it.
        Schema::table('job_events', fn (Blueprint $table) => $table->char('once', 32)->nullable()->index());
        Schema::table('photos', fn (Blueprint $table) => $table->string('of_key', 160)->change());
    }

    public function down(): void
    {
        Schema::table('job_events', fn (Blueprint $table) => $table->dropColumn('once'));
        Schema::table('jobs', function (Blueprint $table): void {
            $table->dropIndex(['shop_id', 'next_due']);
            $table->dropIndex(['shop_id', 'install_on']);
            $table->dropIndex(['shop_id', 'waits_for']);
            $table->dropColumn(['work', 'log', 'dues', 'next_due', 'install_on', 'waits_for', 'mail_key', 'mails_stopped']);
        });
        Schema::dropIfExists('rehearsal_links');
        Schema::dropIfExists('reminders');
    }
};
