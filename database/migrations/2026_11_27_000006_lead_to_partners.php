<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Partners, their marketplaces as data, and products that are to be had there. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('partners', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained();
            // To the byte: names that differ by an accent are two merchants.
            $table->string('name', 60)->collation('utf8mb4_bin');
            $table->timestamps();
            $table->unique(['shop_id', 'name']);
            $table->unique(['shop_id', 'id']);
        });
        Schema::create('marketplaces', $this->marketplaces(...));
        DB::statement("ALTER TABLE marketplaces
            ADD CONSTRAINT marketplaces_scheme_is_known CHECK (scheme IN ('https', 'http')),
            ADD CONSTRAINT marketplaces_patterns_are_json CHECK (JSON_VALID(patterns)),
            ADD CONSTRAINT marketplaces_keeps_are_json CHECK (JSON_VALID(keeps)),
            ADD CONSTRAINT marketplaces_count_something CHECK (counts IN ('any', 'item', 'category')),
            ADD CONSTRAINT marketplaces_count_for_a_time CHECK (counts_for_hours BETWEEN 1 AND 8760)");
        Schema::create('marketplace_hosts', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained();
            $table->unsignedBigInteger('marketplace_id');
            $table->unsignedTinyInteger('position')->comment('the first is the one that links lead to');
            $table->string('host', 190)->charset('ascii')->collation('ascii_general_ci');
            $table->unique(['shop_id', 'host']);
            $table->unique(['marketplace_id', 'position']);
            $table->foreign(['shop_id', 'marketplace_id'])->references(['shop_id', 'id'])->on('marketplaces')->cascadeOnDelete();
        });
        Schema::create('partner_addresses', $this->addresses(...));
        DB::statement("ALTER TABLE partner_addresses
            ADD CONSTRAINT partner_addresses_target_is_json CHECK (JSON_VALID(target)),
            ADD CONSTRAINT partner_addresses_kind_is_known CHECK (kind IN ('item', 'search', 'page')),
            ADD CONSTRAINT partner_addresses_fallback_is_marked CHECK (is_fallback = 1),
            ADD CONSTRAINT partner_addresses_price_has_its_day CHECK ((price_minor IS NULL) = (priced_on IS NULL) AND price_minor >= 0)");
        $this->products();
        $this->leading();
    }

    private function marketplaces(Blueprint $table): void
    {
        $ascii = static fn (string $name, int $length) => $table->string($name, $length)->charset('ascii')->collation('ascii_bin');
        $table->id();
        $table->foreignId('shop_id')->constrained();
        $table->unsignedBigInteger('partner_id');
        $table->string('name', 60);
        $ascii('scheme', 5);
        $table->unsignedSmallInteger('port')->nullable()->comment('null: the scheme’s own');
        $table->longText('patterns')->comment('JSON: templates by which items are found');
        $ascii('item_address', 200);
        $ascii('search_address', 200)->nullable();
        $table->longText('keeps')->comment('JSON: parameters that stay');
        $ascii('id_parameter', 40);
        $ascii('sub_id_parameter', 40)->nullable();
        $table->char('country', 2)->charset('ascii')->collation('ascii_bin');
        $table->char('currency', 3)->charset('ascii')->collation('ascii_bin');
        $ascii('counts', 8);
        $table->unsignedSmallInteger('counts_for_hours');
        $ascii('own_id', 64)->nullable()->comment('the seller’s partner ID; null: not entered yet');
        $table->timestamp('put_away_at')->nullable();
        $table->timestamps();
        $table->unique(['shop_id', 'name']);
        $table->unique(['shop_id', 'id']);
        $table->foreign(['shop_id', 'partner_id'])->references(['shop_id', 'id'])->on('partners');
    }

    private function addresses(Blueprint $table): void
    {
        $table->id();
        $table->unsignedBigInteger('shop_id');
        $table->foreignId('product_id')->constrained()->cascadeOnDelete();
        $table->unsignedBigInteger('marketplace_id');
        $table->unsignedTinyInteger('position');
        $table->string('kind', 8)->charset('ascii')->collation('ascii_bin');
        $table->longText('target')->comment('JSON: what is looked for there');
        $table->boolean('is_fallback')->nullable()->comment('1: for shoppers of no listed country');
        $table->bigInteger('price_minor')->nullable()->comment('as it was seen there, in the marketplace’s currency');
        $table->date('priced_on')->nullable();
        $table->unique(['product_id', 'marketplace_id']);
        $table->unique(['product_id', 'is_fallback']);
        $table->index('marketplace_id');
        $table->foreign(['shop_id', 'marketplace_id'])->references(['shop_id', 'id'])->on('marketplaces');
    }

    /** An offer may lead to a page of the seller’s own, and a shop says what the pages that it leads to learn of where shoppers come from. */
    private function leading(): void
    {
        Schema::table('offers', static function (Blueprint $table): void {
            $table->string('page', 2048)->nullable()->comment('where the click leads, where that is a page of the seller’s own');
        });
        DB::statement("ALTER TABLE offers ADD CONSTRAINT offers_page_is_there CHECK (destination <> 'page' OR page IS NOT NULL)");
        Schema::table('shops', static function (Blueprint $table): void {
            $table->string('referrer_policy', 40)->charset('ascii')->collation('ascii_bin')->default('strict-origin');
        });
        // So that a click that leads on need not read all that the checkout says.
        DB::statement("ALTER TABLE shops ADD COLUMN listed_hosts TEXT AS (JSON_EXTRACT(checkout_rules, '$.hosts')) STORED");
        DB::statement("ALTER TABLE shops ADD CONSTRAINT shops_referrer_policy_is_known CHECK (referrer_policy IN ('no-referrer', 'strict-origin'))");
    }

    /** A product that is sold by a partner keeps what it was before. */
    private function products(): void
    {
        Schema::table('products', static function (Blueprint $table): void {
            $table->string('own_kind', 12)->charset('ascii')->collation('ascii_bin')->nullable()->after('kind')->comment('what it was before it became a partner’s');
        });
        DB::statement('ALTER TABLE products DROP CONSTRAINT products_kind_is_known');
        DB::statement("ALTER TABLE products
            ADD CONSTRAINT products_kind_is_known CHECK (kind IN ('physical', 'digital', 'service', 'donation', 'gift_card', 'partner')),
            ADD CONSTRAINT products_own_kind_is_known CHECK (own_kind IN ('physical', 'digital', 'service', 'donation', 'gift_card'))");
    }
};
