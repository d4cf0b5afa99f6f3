<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * What a shopper's request writes waits for nothing that a seller saves: numbers and SKUs have rows of their own, and a
 * foreign key, which locks the row that it names, is left only where the same transaction holds that row anyway.
 */
return new class extends Migration
{
    public function up(): void
    {
        $this->series();
        $this->skus();
        $this->foreignKeys();
        $this->rechecks();
    }

    private function series(): void
    {
        Schema::create('shop_series', function (Blueprint $table): void {
            $table->foreignId('shop_id')->constrained();
            $table->string('series', 16)->collation('ascii_bin');
            $table->unsignedInteger('last_number');
            $table->primary(['shop_id', 'series']);
        });
        DB::statement("INSERT INTO shop_series (shop_id, series, last_number) SELECT id, 'order', last_order_number FROM shops");
        Schema::table('shops', fn (Blueprint $table) => $table->dropColumn('last_order_number'));
    }

    private function skus(): void
    {
        Schema::create('skus', function (Blueprint $table): void {
            $table->unsignedBigInteger('shop_id');
            $table->string('sku', 64)->collation('utf8mb4_bin');
            $table->unsignedBigInteger('product_id');
            $table->unsignedBigInteger('variant_id')->nullable()->comment('null: the product, or a variant that is gone');
            $table->boolean('is_former')->default(false)->comment('left by what it named: it leads on, and never names other goods');
            $table->primary(['shop_id', 'sku']);
            $table->foreign(['shop_id', 'product_id'])->references(['shop_id', 'id'])->on('products')->cascadeOnDelete();
            $table->foreign('variant_id')->references('id')->on('variants')->nullOnDelete();
        });
        DB::statement('INSERT INTO skus (shop_id, sku, product_id) SELECT shop_id, sku, id FROM products');
        DB::statement('INSERT INTO skus (shop_id, sku, product_id, variant_id) SELECT shop_id, sku, product_id, id FROM variants');
    }

    private function foreignKeys(): void
    {
        foreach ([
            'carts' => [['shop_id'], ['last_placement_id']],
            'cart_lines' => [['product_id'], ['placement_id'], ['product_id', 'variant_id']],
            'clicks' => [['shop_id'], ['offer_id'], ['placement_id']],
            'payments' => [['shop_id']],
            'refused_events' => [['shop_id']],
            'orders' => [['shop_id']],
            'order_lines' => [['placement_id']],
            'messages' => [['shop_id']],
            'shopper_links' => [['shop_id']],
            'shopper_sessions' => [['shop_id']],
        ] as $table => $keys) {
            Schema::table($table, static function (Blueprint $blueprint) use ($keys): void {
                foreach ($keys as $columns) {
                    $blueprint->dropForeign($columns);
                }
            });
        }
    }

    private function rechecks(): void
    {
        Schema::create('rechecks', function (Blueprint $table): void {
            $table->unsignedBigInteger('shop_id');
            $table->string('kind', 8)->collation('ascii_bin')->comment('what has changed: product, offer, look, shop');
            $table->unsignedBigInteger('subject_id');
            $table->unsignedInteger('changes')->default(1)->comment('counts on, so that a change during the check is checked again');
            $table->primary(['shop_id', 'kind', 'subject_id']);
        });
    }
};
