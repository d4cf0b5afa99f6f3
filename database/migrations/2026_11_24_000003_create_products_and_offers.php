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
        Schema::create('products', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained();
            $table->string('sku', 64)->collation('utf8mb4_bin');
            $table->string('name', 160);
            $table->bigInteger('price_minor');
            $table->char('currency', 3)->collation('ascii_bin');
            $table->string('picture', 32)->collation('ascii_bin');
            $table->integer('stock')->nullable()->comment('null: not tracked');
            $table->timestamps();
            $table->unique(['shop_id', 'sku']);
            $table->index(['shop_id', 'name', 'id']);
            // Lets other tables refer to a product of the same shop only.
            $table->unique(['shop_id', 'id']);
        });
        DB::statement('ALTER TABLE products
            ADD CONSTRAINT products_price_not_negative CHECK (price_minor >= 0),
            ADD CONSTRAINT products_stock_not_negative CHECK (stock >= 0)');

        Schema::create('offers', function (Blueprint $table): void {
            $table->id();
            $table->unsignedBigInteger('shop_id');
            $table->unsignedBigInteger('product_id');
            $table->unsignedSmallInteger('quantity');
            $table->string('destination', 16)->collation('ascii_bin');
            $table->string('cart_use', 16)->collation('ascii_bin');
            $table->string('caption', 40)->nullable()->comment('null: the destination’s own');
            $table->string('state', 16)->collation('ascii_bin');
            $table->timestamps();
            $table->foreign(['shop_id', 'product_id'])->references(['shop_id', 'id'])->on('products');
            $table->unique(['shop_id', 'id']);
            $table->index(['shop_id', 'updated_at', 'id']);
        });
        DB::statement('ALTER TABLE offers ADD CONSTRAINT offers_quantity_in_range CHECK (quantity BETWEEN 1 AND 999)');

        Schema::create('placements', function (Blueprint $table): void {
            $table->id();
            $table->unsignedBigInteger('shop_id');
            $table->unsignedBigInteger('offer_id');
            $table->char('code', 7)->collation('ascii_bin')->unique();
            $table->string('page', 120);
            $table->timestamps();
            $table->foreign(['shop_id', 'offer_id'])->references(['shop_id', 'id'])->on('offers');
        });

        Schema::create('clicks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained();
            $table->foreignId('offer_id')->constrained();
            $table->foreignId('placement_id')->constrained();
            $table->char('country', 2)->collation('ascii_bin')->nullable();
            $table->string('device', 8)->collation('ascii_bin');
            $table->dateTime('hour')->comment('UTC; minutes and seconds are not kept');
            $table->index(['offer_id', 'hour']);
        });
    }
};
