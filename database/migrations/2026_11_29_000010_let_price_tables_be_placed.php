<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A placement hangs on an offer or on a whole price table; a click in a table is credited to its place and to the offer of its column. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('placements', function (Blueprint $table): void {
            $table->unsignedBigInteger('offer_id')->nullable()->change();
            $table->foreignId('whole_table_id')->nullable()->after('offer_id')->constrained('price_tables');
        });
        DB::statement('ALTER TABLE placements
            ADD CONSTRAINT placements_hang_on_one_thing CHECK ((offer_id IS NOT NULL) + (whole_table_id IS NOT NULL) = 1),
            ADD CONSTRAINT placements_columns_have_offers CHECK (price_table_id IS NULL OR offer_id IS NOT NULL)');
        foreach (['cart_lines', 'order_lines'] as $lines) {
            Schema::table($lines, function (Blueprint $table): void {
                // Lines are written while a shopper waits: no key holds them to what a seller saves.
                $table->unsignedBigInteger('offer_id')->nullable()->after('placement_id')->comment('where the placement shows several');
            });
        }
    }
};
