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
            $table->text('summary')->nullable()->comment('HTML, sanitised');
            $table->mediumText('description')->nullable()->comment('HTML, sanitised');
            $table->char('currency', 3)->collation('ascii_bin');
            $table->bigInteger('price_minor');
            $this->sale($table);
            $table->bigInteger('cost_minor')->nullable();
            $table->string('tax_class', 40)->default('standard');
            $table->string('weight', 20)->collation('ascii_bin')->nullable()->comment('as typed, in its unit');
            $table->string('weight_unit', 2)->collation('ascii_bin')->default('g');
            $table->unsignedInteger('weight_g')->default(0);
            $table->bigInteger('shipping_first_minor')->nullable();
            $table->bigInteger('shipping_more_minor')->nullable();
            $table->string('picture', 32)->collation('ascii_bin')->comment('a shipped drawing, where no picture was uploaded');
            $table->string('lead_picture', 64)->collation('ascii_bin')->nullable()->comment('the first of its uploaded pictures');
            $table->string('lead_alt', 200)->nullable();
            $table->integer('stock')->nullable()->comment('null: not tracked');
            $table->boolean('allows_back_order')->default(false);
            $table->unsignedInteger('low_stock')->nullable()->comment('at this many the seller is told');
            $table->longText('options')->nullable()->comment('JSON: options with their choices');
            $table->boolean('has_variants')->default(false);
            $table->longText('traits')->nullable()->comment('JSON: attributes, each with its values');
            $table->timestamps();
            $table->unique(['shop_id', 'sku']);
            $table->index(['shop_id', 'name', 'id']);
            // Lets other tables refer to a product of the same shop only.
            $table->unique(['shop_id', 'id']);
        });
        DB::statement('ALTER TABLE products
            ADD CONSTRAINT products_price_not_negative CHECK (price_minor >= 0),
            ADD CONSTRAINT products_sale_within_price CHECK (sale_minor IS NULL OR sale_minor BETWEEN 0 AND price_minor),
            ADD CONSTRAINT products_sale_ends_after_it_begins CHECK (sale_from IS NULL OR sale_until IS NULL OR sale_from < sale_until),
            ADD CONSTRAINT products_cost_not_negative CHECK (cost_minor >= 0),
            ADD CONSTRAINT products_item_shipping_whole CHECK ((shipping_first_minor IS NULL) = (shipping_more_minor IS NULL) AND shipping_first_minor >= 0 AND shipping_more_minor >= 0),
            ADD CONSTRAINT products_stock_not_negative CHECK (stock >= 0),
            ADD CONSTRAINT products_options_are_json CHECK (options IS NULL OR JSON_VALID(options)),
            ADD CONSTRAINT products_traits_are_json CHECK (traits IS NULL OR JSON_VALID(traits))');

        Schema::create('variants', function (Blueprint $table): void {
            $table->id();
            $table->unsignedBigInteger('shop_id');
            $table->unsignedBigInteger('product_id');
            $table->unsignedSmallInteger('position');
            $table->string('sku', 64)->collation('utf8mb4_bin');
            $table->longText('choices')->comment('JSON: one name for each option');
            $table->char('choices_digest', 64)->collation('ascii_bin');
            $table->bigInteger('price_minor')->nullable()->comment('null: as its choices or its product say');
            $this->sale($table);
            $table->bigInteger('cost_minor')->nullable();
            $table->unsignedInteger('weight_g')->nullable();
            $table->integer('stock')->nullable()->comment('null: not tracked');
            $table->unsignedBigInteger('picture_id')->nullable();
            $table->boolean('is_preselected')->nullable()->comment('1 or null, so that a product has one at most');
            $table->foreign(['shop_id', 'product_id'])->references(['shop_id', 'id'])->on('products')->cascadeOnDelete();
            $table->unique(['shop_id', 'sku']);
            $table->unique(['product_id', 'is_preselected']);
            $table->unique(['product_id', 'choices_digest']);
            $table->unique(['product_id', 'id']);
        });
        DB::statement('ALTER TABLE variants
            ADD CONSTRAINT variants_price_not_negative CHECK (price_minor >= 0),
            ADD CONSTRAINT variants_sale_within_price CHECK (sale_minor IS NULL OR (price_minor IS NOT NULL AND sale_minor BETWEEN 0 AND price_minor)),
            ADD CONSTRAINT variants_cost_not_negative CHECK (cost_minor >= 0),
            ADD CONSTRAINT variants_stock_not_negative CHECK (stock >= 0),
            ADD CONSTRAINT variants_choices_are_json CHECK (JSON_VALID(choices)),
            ADD CONSTRAINT variants_preselected_or_null CHECK (is_preselected = 1)');

        Schema::create('pictures', function (Blueprint $table): void {
            $table->id();
            $table->unsignedBigInteger('shop_id');
            $table->unsignedBigInteger('product_id')->nullable()->comment('null: uploaded, and not yet of a saved product');
            $table->unsignedSmallInteger('position')->default(0);
            $table->string('file', 64)->collation('ascii_bin');
            $table->unsignedSmallInteger('width');
            $table->unsignedSmallInteger('height');
            $table->string('alt', 200)->default('');
            $table->dateTime('created_at');
            $table->foreign('shop_id')->references('id')->on('shops');
            $table->foreign('product_id')->references('id')->on('products')->cascadeOnDelete();
            $table->index(['product_id', 'position']);
            $table->index(['shop_id', 'product_id']);
        });
        Schema::table('variants', function (Blueprint $table): void {
            $table->foreign('picture_id')->references('id')->on('pictures')->nullOnDelete();
        });

        Schema::create('categories', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained();
            $table->string('name', 80);
            $table->unique(['shop_id', 'name']);
            $table->unique(['shop_id', 'id']);
        });

        Schema::create('category_product', function (Blueprint $table): void {
            $table->unsignedBigInteger('shop_id');
            $table->unsignedBigInteger('product_id');
            $table->unsignedBigInteger('category_id');
            $table->primary(['product_id', 'category_id']);
            $table->index(['category_id', 'product_id']);
            $table->foreign(['shop_id', 'product_id'])->references(['shop_id', 'id'])->on('products')->cascadeOnDelete();
            $table->foreign(['shop_id', 'category_id'])->references(['shop_id', 'id'])->on('categories')->cascadeOnDelete();
        });

        Schema::create('add_ons', function (Blueprint $table): void {
            $table->unsignedBigInteger('shop_id');
            $table->unsignedBigInteger('product_id');
            $table->unsignedBigInteger('add_on_id');
            $table->unsignedTinyInteger('position');
            $table->primary(['product_id', 'add_on_id']);
            $table->unique(['product_id', 'position']);
            $table->foreign(['shop_id', 'product_id'])->references(['shop_id', 'id'])->on('products')->cascadeOnDelete();
            $table->foreign(['shop_id', 'add_on_id'])->references(['shop_id', 'id'])->on('products')->cascadeOnDelete();
        });
        DB::statement('ALTER TABLE add_ons
            ADD CONSTRAINT add_ons_three_at_most CHECK (position BETWEEN 1 AND 3),
            ADD CONSTRAINT add_ons_not_itself CHECK (product_id <> add_on_id)');

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
            $table->foreignId('offer_id')->nullable()->constrained();
            $table->foreignId('placement_id')->nullable()->constrained();
            $table->string('label', 40)->collation('ascii_bin')->nullable()->comment('of an open link, which has no offer');
            $table->char('country', 2)->collation('ascii_bin')->nullable();
            $table->string('device', 8)->collation('ascii_bin');
            $table->dateTime('hour')->comment('UTC; minutes and seconds are not kept');
            $table->index(['offer_id', 'hour']);
        });
        DB::statement('ALTER TABLE clicks ADD CONSTRAINT clicks_offer_with_placement CHECK ((offer_id IS NULL) = (placement_id IS NULL))');
    }

    /** A price for a while; the moments are UTC. */
    private function sale(Blueprint $table): void
    {
        $table->bigInteger('sale_minor')->nullable();
        $table->dateTime('sale_from')->nullable();
        $table->dateTime('sale_until')->nullable();
    }
};
