<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('jobs', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained()->cascadeOnDelete();
            $table->string('name', 100);
            $table->string('customer_name', 100)->default('');
            $table->string('customer_address', 200)->default('');
            $table->string('customer_phone', 40)->default('');
            $table->string('customer_email', 200)->default('');
            $table->string('authority', 100)->default('');
            $table->string('edition', 40)->default('NEC 2023');
            $table->boolean('splices_in_panel')->default(true);
            $table->boolean('permit')->default(true);
            $table->unsignedSmallInteger('service_a')->nullable();
            $table->double('margin_pct')->default(20);
            $table->json('machine')->nullable();
            $table->string('fuel', 20)->nullable();
            $table->string('connection', 30)->nullable();
            $table->double('cord_ft')->nullable();
            $table->double('run_ft')->nullable();
            $table->unsignedSmallInteger('inlet_a')->nullable();
            $table->string('wire_method', 20)->default('conduit');
            $table->string('wire_material', 2)->default('cu');
            $table->unsignedSmallInteger('terminal_c')->default(60);
            $table->double('ambient_c')->default(30);
            $table->boolean('wet')->default(false);
            $table->string('start_school', 20)->default('warm_first');
            $table->text('notes');
            // What the board shows of a job, written with every change of the job file.
            $table->string('reached', 30)->default('survey');
            $table->unsignedSmallInteger('findings')->default(0);
            $table->string('worst', 10)->nullable();
            // Place in the list of changes: undo steps back, redo forward.
            $table->unsignedInteger('history_at')->default(0);
            $table->foreignId('saved_by')->nullable()->constrained('users')->nullOnDelete();
            $table->timestamps();
            $table->softDeletes();
            $table->index(['shop_id', 'deleted_at', 'updated_at']);
        });
        Schema::create('panels', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->string('key', 60);
            $table->unsignedSmallInteger('position');
            $table->string('name', 100);
            $table->string('kind', 10);
            $table->unsignedSmallInteger('spaces');
            $table->unsignedSmallInteger('main_a')->nullable();
            $table->boolean('interlock_listed')->nullable();
            $table->unsignedTinyInteger('interlock_space')->default(1);
            $table->boolean('has_multiwire')->nullable();
            $table->unique(['job_id', 'key']);
        });
        Schema::create('circuits', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('panel_id')->constrained()->cascadeOnDelete();
            $table->string('key', 60);
            $table->unsignedSmallInteger('space');
            $table->string('half', 1)->nullable();
            $table->unsignedTinyInteger('poles');
            $table->unsignedSmallInteger('amps');
            $table->string('name', 100);
            $table->string('protection', 10);
            $table->string('role', 10);
            $table->string('note', 1000);
            $table->unique(['job_id', 'key']);
        });
        Schema::create('loads', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->foreignId('circuit_id')->constrained()->cascadeOnDelete();
            $table->string('key', 60);
            $table->unsignedSmallInteger('position');
            $table->string('name', 100);
            $table->string('kind', 30);
            $table->double('run_w')->nullable();
            $table->double('start_w')->nullable();
            $table->double('pf');
            $table->unique(['job_id', 'key']);
        });
        Schema::create('job_changes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('job_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('seq');
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->string('label', 200);
            $table->longText('ops');
            $table->timestamp('created_at');
            $table->unique(['job_id', 'seq']);
        });
    }

    public function down(): void
    {
        foreach (['job_changes', 'loads', 'circuits', 'panels', 'jobs'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
