<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Shops can be renamed, with every old address kept; and say which buttons stand where, and what follows adding. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('shops', function (Blueprint $table): void {
            $table->string('checkout_slug', 40)->collation('ascii_bin')->default('checkout')->comment('the first part of the checkout’s address');
            $table->longText('shopfront')->nullable()->comment('JSON: buttons by surface, their words, what follows adding; null: as built in');
        });
        Schema::table('products', function (Blueprint $table): void {
            $table->longText('buttons')->nullable()->comment('JSON: buttons by surface where they differ from the shop’s');
        });
        DB::statement('ALTER TABLE shops ADD CONSTRAINT shops_shopfront_is_json CHECK (shopfront IS NULL OR JSON_VALID(shopfront))');
        DB::statement('ALTER TABLE products ADD CONSTRAINT products_buttons_are_json CHECK (buttons IS NULL OR JSON_VALID(buttons))');

        Schema::table('messages', function (Blueprint $table): void {
            $table->mediumText('html')->nullable()->comment('null: sent as plain text');
        });

        Schema::create('former_slugs', function (Blueprint $table): void {
            $table->string('slug', 40)->collation('ascii_bin')->primary();
            $table->foreignId('shop_id')->constrained();
        });
        Schema::create('former_checkout_slugs', function (Blueprint $table): void {
            $table->foreignId('shop_id')->constrained();
            $table->string('slug', 40)->collation('ascii_bin');
            $table->primary(['shop_id', 'slug']);
        });
    }
};
