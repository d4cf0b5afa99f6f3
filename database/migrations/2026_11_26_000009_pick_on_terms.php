<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** On which terms something is picked, so that the same goods on other terms are a line of their own. What is there was picked once. */
return new class extends Migration
{
    public function up(): void
    {
        foreach (['offer_lines', 'cart_lines', 'order_lines'] as $name) {
            Schema::table($name, static function (Blueprint $table): void {
                $table->string('terms', 8)->charset('ascii')->collation('ascii_bin')->default('once')->after('quantity');
                $table->bigInteger('amount_minor')->nullable()->after('terms')->comment('what the shopper gives for one');
            });
            DB::statement("
                ALTER TABLE {$name}
                    ADD CONSTRAINT {$name}_terms_are_known CHECK (terms IN ('once', 'plan', 'parts', 'giving')),
                    ADD CONSTRAINT {$name}_amount_is_given CHECK ((amount_minor IS NULL) = (terms <> 'giving')),
                    ADD CONSTRAINT {$name}_amount_is_positive CHECK (amount_minor > 0)");
        }
        // Null is never equal to null, and so stands for nothing here.
        DB::statement("
            ALTER TABLE cart_lines
                ADD COLUMN pick_key VARCHAR(80) CHARACTER SET ascii COLLATE ascii_bin
                    AS (CONCAT_WS(' ', product_id, COALESCE(variant_id, 0), terms, amount_minor)) STORED,
                ADD UNIQUE cart_lines_cart_id_pick_key_unique (cart_id, pick_key),
                DROP INDEX cart_lines_cart_id_product_id_variant_key_unique,
                DROP COLUMN variant_key");
    }
};
