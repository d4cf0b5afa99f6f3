<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Several products, or a category, in one place: each is sold without an offer of its own. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('shelves', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained();
            $table->string('name', 80);
            $table->string('density', 8)->collation('ascii_bin');
            $table->string('onwards', 16)->collation('ascii_bin')->comment('what follows adding');
            $table->foreignId('category_id')->nullable()->comment('null: what was picked')->constrained()->nullOnDelete();
            $table->timestamp('deleted_at')->nullable();
            $table->timestamps();
            $table->unique(['shop_id', 'name']);
            $table->index(['shop_id', 'updated_at']);
        });
        DB::statement("ALTER TABLE shelves
            ADD CONSTRAINT shelves_density_is_known CHECK (density IN ('rows', 'cards', 'large')),
            ADD CONSTRAINT shelves_stay_on_the_page CHECK (onwards IN ('stay', 'mini_cart'))");
        Schema::create('shelf_goods', function (Blueprint $table): void {
            $table->foreignId('shelf_id')->constrained();
            $table->foreignId('product_id')->constrained();
            $table->unsignedSmallInteger('position');
            $table->primary(['shelf_id', 'product_id']);
            $table->unique(['shelf_id', 'position']);
        });
        Schema::table('placements', function (Blueprint $table): void {
            $table->foreignId('shelf_id')->nullable()->after('whole_table_id')->constrained();
        });
        DB::statement('ALTER TABLE placements DROP CONSTRAINT placements_hang_on_one_thing,
            ADD CONSTRAINT placements_hang_on_one_thing CHECK ((offer_id IS NOT NULL) + (whole_table_id IS NOT NULL) + (shelf_id IS NOT NULL) = 1)');
    }
};
