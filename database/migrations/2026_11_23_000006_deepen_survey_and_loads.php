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
            $table->json('service')->nullable()->after('service_a');
            $table->string('figures', 20)->default('list')->after('demand');
            $table->string('figures_reason', 500)->default('')->after('figures');
            $table->json('recorded')->nullable()->after('figures_reason');
        });
        Schema::table('panels', function (Blueprint $table): void {
            $table->string('fed_from', 60)->default('');
            $table->unsignedSmallInteger('feeder_a')->nullable();
            $table->string('feeder_circuit', 60)->default('');
            $table->boolean('bonded')->nullable();
            $table->string('tandem_spaces', 200)->default('');
        });
        Schema::table('circuits', function (Blueprint $table): void {
            $table->unsignedSmallInteger('receptacle_a')->nullable();
            $table->string('measured_leg', 2)->nullable();
            $table->double('measured_run_a')->nullable();
            $table->double('measured_start_a')->nullable();
            $table->string('measured_on', 10)->default('');
            $table->boolean('measured_by_hand')->default(false);
        });
        Schema::table('loads', function (Blueprint $table): void {
            $table->string('duty', 20)->nullable();
            $table->double('on_s')->nullable();
            $table->double('off_s')->nullable();
            $table->string('season', 20)->nullable();
            $table->string('phase', 20)->nullable();
        });
        Schema::create('photos', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->string('key', 40);
            // What it shows: a stage, a panel or a circuit, by its key.
            $table->string('of', 10);
            $table->string('of_key', 60);
            $table->string('name', 120);
            $table->unsignedSmallInteger('width');
            $table->unsignedSmallInteger('height');
            $table->unsignedInteger('bytes');
            $table->timestamp('added_at')->nullable();
            $table->unique(['job_id', 'key']);
            $table->index(['job_id', 'of', 'of_key']);
        });
        Schema::create('interval_records', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->unique()->constrained()->cascadeOnDelete();
            $table->string('file', 120);
            $table->longText('summary');
            $table->timestamp('added_at')->nullable();
        });
        Schema::create('recordings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->string('key', 40);
            $table->string('name', 100);
            $table->unsignedBigInteger('began_ms');
            $table->boolean('ended')->default(false);
            $table->double('buffer_a')->default(0);
            $table->unsignedSmallInteger('inlet_a')->default(30);
            $table->softDeletes();
            $table->unique(['job_id', 'key']);
        });
        Schema::create('readings', function (Blueprint $table): void {
            $table->foreignId('recording_id')->constrained()->cascadeOnDelete();
            // Milliseconds since the recording began.
            $table->unsignedInteger('at_ms');
            $table->float('a_amps');
            $table->float('b_amps');
            $table->primary(['recording_id', 'at_ms']);
        });
        Schema::create('marks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('recording_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('at_ms');
            $table->string('said', 100);
            $table->string('circuit_key', 60)->nullable();
            $table->unique(['recording_id', 'at_ms']);
        });
        Schema::create('stand_in_meters', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->unique()->constrained()->cascadeOnDelete();
            $table->longText('state');
        });
    }

    public function down(): void
    {
        foreach (['stand_in_meters', 'marks', 'readings', 'recordings', 'interval_records', 'photos'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table('loads', fn (Blueprint $table) => $table->dropColumn(['duty', 'on_s', 'off_s', 'season', 'phase']));
        Schema::table(
            'circuits',
            fn (Blueprint $table) => $table->dropColumn(
                ['receptacle_a', 'measured_leg', 'measured_run_a', 'measured_start_a', 'measured_on', 'measured_by_hand']
            ),
        );
        Schema::table(
            'panels', fn (Blueprint $table) => $table->dropColumn(['fed_from', 'feeder_a', 'feeder_circuit', 'bonded', 'tandem_spaces']),
        );
        Schema::table('jobs', fn (Blueprint $table) => $table->dropColumn(['service', 'figures', 'figures_reason', 'recorded']));
    }
};
