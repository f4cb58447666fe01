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
        Schema::create('rule_profiles', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained()->cascadeOnDelete();
            $table->string('key', 40);
            $table->json('rules');
            $table->timestamps();
            $table->unique(['shop_id', 'key']);
        });
        Schema::table('jobs', function (Blueprint $table): void {
            $table->json('rules')->nullable()->after('customer_email');
            $table->string('rules_profile', 40)->default('')->after('rules');
        });
        foreach (DB::table('jobs')->get(['id', 'authority', 'edition', 'splices_in_panel', 'permit']) as $job) {
            DB::table('jobs')->where('id', $job->id)->update(['rules' => json_encode([
                'authority' => $job->authority, 'edition' => $job->edition,
                'splices_in_panel' => (bool) $job->splices_in_panel, 'permit' => (bool) $job->permit,
            ], JSON_THROW_ON_ERROR)]);
        }
        // A change of the old columns could no longer be taken back; the jobs themselves stay as they are.
        foreach (DB::table('job_changes')->orderBy('id')->lazy() as $change) {
            if (preg_match('/"(authority|edition|splices_in_panel|permit)":/', $change->ops) === 1) {
                DB::table('jobs')->where('id', $change->job_id)->update(['history_at' => 0]);
                DB::table('job_changes')->where('job_id', $change->job_id)->delete();
            }
        }
        Schema::table('jobs', fn (Blueprint $table) => $table->dropColumn(['authority', 'edition', 'splices_in_panel', 'permit']));
    }

    public function down(): void
    {
        Schema::table('jobs', function (Blueprint $table): void {
            $table->string('authority', 100)->default('');
            $table->string('edition', 40)->default('NEC 2023');
            $table->boolean('splices_in_panel')->default(true);
            $table->boolean('permit')->default(true);
            $table->dropColumn(['rules', 'rules_profile']);
        });
        Schema::dropIfExists('rule_profiles');
    }
};
