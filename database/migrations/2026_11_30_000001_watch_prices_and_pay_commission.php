<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What the pages of partners' items say, what marketplaces pay, and what a shop holds its partners' goods to. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('shops', static function (Blueprint $table): void {
            $table->longText('partner_rules')->nullable()->comment('JSON; null: as built in');
        });
        DB::statement('ALTER TABLE shops ADD CONSTRAINT shops_partner_rules_are_json CHECK (JSON_VALID(partner_rules))');
        Schema::table('partner_addresses', static function (Blueprint $table): void {
            $table->string('category', 60)->collation('utf8mb4_bin')->default('')->comment('as the marketplace calls it, for its commission');
            $table->string('price_state', 10)->charset('ascii')->collation('ascii_bin')->nullable()->comment('null: its page was never looked at');
            $table->string('page_problem', 16)->charset('ascii')->collation('ascii_bin')->nullable();
            $table->unsignedTinyInteger('misses')->default(0)->comment('how often in a row the page was not there');
            $table->bigInteger('found_minor')->nullable()->comment('what its page said when it was read last');
            $table->timestamp('checked_at')->nullable();
            $table->timestamp('check_at')->nullable()->comment('when it is looked at next; null: never');
            $table->index(['check_at']);
            $table->index(['shop_id', 'price_state']);
        });
        DB::statement("ALTER TABLE partner_addresses
            ADD CONSTRAINT partner_addresses_state_is_known CHECK (price_state IN ('same', 'changed', 'vanished', 'unreadable')),
            ADD CONSTRAINT partner_addresses_state_has_its_time CHECK ((price_state IS NULL) = (checked_at IS NULL)),
            ADD CONSTRAINT partner_addresses_change_is_one CHECK (price_state <> 'changed' OR (price_minor IS NOT NULL AND found_minor IS NOT NULL AND price_minor <> found_minor))");
        // Items that are there already are looked at from now on.
        DB::statement("UPDATE partner_addresses SET check_at = NOW() WHERE kind = 'item'");
        Schema::table('products', static function (Blueprint $table): void {
            $table->date('text_by')->nullable()->comment('the day on which its text is needed');
            $table->boolean('text_is_copied')->default(false)->comment('it is largely a marketplace’s own');
            $table->index(['shop_id', 'kind', 'text_by']);
        });
        Schema::create('price_hosts', static function (Blueprint $table): void {
            $table->string('host', 255)->charset('ascii')->collation('ascii_bin')->primary()->comment('with its port');
            $table->timestamp('next_at', 3)->comment('by the machine’s clock: when it may be asked again');
        });
        Schema::create('seen_pages', static function (Blueprint $table): void {
            $table->unsignedBigInteger('shop_id');
            $table->unsignedBigInteger('marketplace_id');
            $table->string('item', 64)->charset('ascii')->collation('ascii_bin')->comment('SHA-256 of its reference');
            $table->string('title', 300);
            $table->mediumText('text')->comment('without markup');
            $table->timestamp('seen_at');
            $table->primary(['marketplace_id', 'item']);
            $table->index('seen_at');
            $table->foreign(['shop_id', 'marketplace_id'])->references(['shop_id', 'id'])->on('marketplaces')->cascadeOnDelete();
        });
        Schema::create('commission_rates', static function (Blueprint $table): void {
            $table->id();
            $table->unsignedBigInteger('shop_id');
            $table->unsignedBigInteger('marketplace_id');
            $table->unsignedSmallInteger('position');
            $table->string('category', 60)->collation('utf8mb4_bin')->comment('blank: all that have no rate of their own');
            $table->string('percent', 40)->charset('ascii')->collation('ascii_bin');
            $table->date('from_day')->nullable();
            $table->date('until_day')->nullable();
            $table->unique(['marketplace_id', 'position']);
            $table->foreign(['shop_id', 'marketplace_id'])->references(['shop_id', 'id'])->on('marketplaces')->cascadeOnDelete();
        });
        DB::statement('ALTER TABLE commission_rates ADD CONSTRAINT commission_rates_end_after_they_begin CHECK (until_day >= from_day)');
    }
};
