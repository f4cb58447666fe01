<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Underpin\Assembly\Task;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('part_prices', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained()->cascadeOnDelete();
            $table->string('key', 160);
            $table->string('part', 160);
            $table->string('unit', 30);
            $table->double('pack')->default(1);
            $table->unsignedBigInteger('price_cents')->nullable();
            $table->string('price_on', 10)->nullable();
            $table->string('supplier', 80)->default('');
            $table->unsignedInteger('lead_days')->nullable();
            $table->timestamps();
            $table->unique(['shop_id', 'key']);
        });
        Schema::table('shops', function (Blueprint $table): void {
            $table->json('terms')->nullable();
            $table->unsignedInteger('last_quote')->default(1000);
        });
        Schema::table('jobs', function (Blueprint $table): void {
            $table->json('offer')->nullable();
            $table->json('quotes')->nullable();
            $table->json('agreed')->nullable();
        });
        Schema::table('users', fn (Blueprint $table) => $table->string('feed', 64)->nullable()->unique());
        foreach (DB::table('price_rows')->where('item', 'hour')->whereNotNull('price_usd')->get() as $row) {
            DB::table('shops')->where('id', $row->shop_id)->update(['terms' => json_encode(['hour_usd' => $row->price_usd])]);
        }
        // What was priced by the kind of thing is priced by the part now; the hours, and the permit's fee, stay.
        DB::table('price_rows')->whereNotIn('item', array_column(Task::cases(), 'value'))->delete();
        DB::table('price_rows')->where('item', '!=', Task::Permit->value)->update(['price_usd' => null]);
        DB::table('shop_events')->where('of', 'price')->update(['of' => 'work']);
    }

    public function down(): void
    {
        DB::table('shop_events')->where('of', 'work')->update(['of' => 'price']);
        Schema::table('users', fn (Blueprint $table) => $table->dropColumn('feed'));
        Schema::table('jobs', fn (Blueprint $table) => $table->dropColumn(['offer', 'quotes', 'agreed']));
        Schema::table('shops', fn (Blueprint $table) => $table->dropColumn(['terms', 'last_quote']));
        Schema::dropIfExists('part_prices');
    }
};
