<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Offers of several goods in the variants that are wanted, with looks, words for every state, places in every medium, and a history. */
return new class extends Migration
{
    public function up(): void
    {
        $this->looks();
        $this->offers();
        $this->placements();
        $this->history();
    }

    private function looks(): void
    {
        Schema::create('looks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained();
            $table->string('name', 40);
            $table->longText('values')->comment('JSON: its style values');
            $table->longText('earlier')->nullable()->comment('JSON: the values before the last change; null: never changed');
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
            $table->unique(['shop_id', 'name']);
            $table->unique(['shop_id', 'id']);
        });
        DB::statement('ALTER TABLE looks
            ADD CONSTRAINT looks_values_are_json CHECK (JSON_VALID(`values`)),
            ADD CONSTRAINT looks_earlier_are_json CHECK (earlier IS NULL OR JSON_VALID(earlier))');
        Schema::table('shops', function (Blueprint $table): void {
            $table->unsignedBigInteger('look_id')->nullable()->comment('for offers that name none; null: the first of its looks');
            $table->longText('words')->nullable()->comment('JSON: what its buttons say in each state; null: as built in');
            $table->foreign(['id', 'look_id'])->references(['shop_id', 'id'])->on('looks');
        });
        DB::statement('ALTER TABLE shops ADD CONSTRAINT shops_words_are_json CHECK (words IS NULL OR JSON_VALID(words))');
    }

    private function offers(): void
    {
        Schema::create('offer_lines', function (Blueprint $table): void {
            $table->id();
            $table->unsignedBigInteger('shop_id');
            $table->unsignedBigInteger('offer_id');
            $table->unsignedTinyInteger('position');
            $table->unsignedBigInteger('product_id');
            $table->unsignedBigInteger('variant_id')->nullable()->comment('null: none, or the shopper says which');
            $table->unsignedSmallInteger('quantity');
            $table->foreign(['shop_id', 'offer_id'])->references(['shop_id', 'id'])->on('offers')->cascadeOnDelete();
            $table->foreign(['shop_id', 'product_id'])->references(['shop_id', 'id'])->on('products');
            // A variant that is taken away leaves the choice to the shopper.
            $table->foreign('variant_id')->references('id')->on('variants')->nullOnDelete();
            $table->unique(['offer_id', 'position']);
        });
        DB::statement('ALTER TABLE offer_lines ADD CONSTRAINT offer_lines_quantity_in_range CHECK (quantity BETWEEN 1 AND 999)');
        DB::statement('INSERT INTO offer_lines (shop_id, offer_id, position, product_id, quantity) SELECT shop_id, id, 0, product_id, quantity FROM offers');
        DB::statement('ALTER TABLE offers DROP CONSTRAINT offers_quantity_in_range');
        Schema::table('offers', function (Blueprint $table): void {
            $table->dropForeign(['shop_id', 'product_id']);
            $table->dropColumn(['product_id', 'quantity']);
            $table->string('opening', 16)->collation('ascii_bin')->default('same_tab');
            $table->string('ask_label', 40)->nullable()->comment('null: the shopper is not asked how many');
            $table->unsignedSmallInteger('ask_least')->nullable();
            $table->unsignedSmallInteger('ask_most')->nullable();
            $table->longText('words')->nullable()->comment('JSON: what the button says in other states than idle; null: as the shop says');
            $table->string('landing', 500)->nullable()->comment('where the shopper lands afterwards; null: as the shop has it');
            $table->unsignedBigInteger('look_id')->nullable()->comment('null: the shop’s');
            $table->unsignedInteger('version')->default(1)->comment('counts the changes, so that two sellers don’t overwrite each other');
            $table->foreign(['shop_id', 'look_id'])->references(['shop_id', 'id'])->on('looks');
        });
        DB::statement('ALTER TABLE offers
            ADD CONSTRAINT offers_ask_whole CHECK ((ask_label IS NULL) = (ask_least IS NULL) AND (ask_label IS NULL) = (ask_most IS NULL) AND (ask_least IS NULL OR (ask_least >= 1 AND ask_least < ask_most AND ask_most <= 999))),
            ADD CONSTRAINT offers_words_are_json CHECK (words IS NULL OR JSON_VALID(words))');
    }

    private function placements(): void
    {
        Schema::create('price_tables', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained();
            $table->string('name', 80);
            $table->char('copied', 64)->collation('ascii_bin')->nullable()->comment('SHA-256 of what was copied last; null: never copied');
            $table->dateTime('copied_at')->nullable();
            $table->boolean('is_stale')->default(false)->comment('whether the copy no longer says what the offers say');
            $table->timestamps();
            $table->unique(['shop_id', 'name']);
            $table->unique(['shop_id', 'id']);
        });
        Schema::table('placements', function (Blueprint $table): void {
            $table->string('medium', 16)->collation('ascii_bin')->default('html');
            $table->string('label', 40)->nullable()->comment('for the results');
            $table->string('caption', 40)->nullable()->comment('null: as the offer says');
            $table->dateTime('paused_at')->nullable();
            $table->char('copied', 64)->collation('ascii_bin')->nullable()->comment('SHA-256 of what was copied last; null: never copied');
            $table->dateTime('copied_at')->nullable();
            $table->boolean('is_stale')->default(false)->comment('whether the copy no longer says what the offer says');
            $table->unsignedBigInteger('price_table_id')->nullable();
            $table->unsignedTinyInteger('table_position')->nullable();
            $table->boolean('is_stressed')->nullable()->comment('1 or null, so that a table stresses one column at most');
            $table->foreign(['shop_id', 'price_table_id'])->references(['shop_id', 'id'])->on('price_tables');
            $table->unique(['price_table_id', 'table_position']);
            $table->unique(['price_table_id', 'is_stressed']);
            $table->index(['shop_id', 'is_stale', 'id']);
            $table->index(['offer_id', 'id']);
        });
        DB::statement('ALTER TABLE placements
            ADD CONSTRAINT placements_in_a_table_or_not CHECK ((price_table_id IS NULL) = (table_position IS NULL)),
            ADD CONSTRAINT placements_stressed_or_null CHECK (is_stressed = 1)');
    }

    private function history(): void
    {
        Schema::create('offer_versions', function (Blueprint $table): void {
            $table->id();
            $table->unsignedBigInteger('shop_id');
            $table->unsignedBigInteger('offer_id');
            $table->unsignedInteger('version');
            $table->text('sentence')->comment('as it was said then');
            $table->longText('entry')->comment('JSON: what stood on the desk');
            $table->foreignId('person_id')->nullable()->constrained('people')->nullOnDelete();
            $table->dateTime('created_at');
            $table->foreign(['shop_id', 'offer_id'])->references(['shop_id', 'id'])->on('offers')->cascadeOnDelete();
            $table->unique(['offer_id', 'version']);
        });
        DB::statement('ALTER TABLE offer_versions ADD CONSTRAINT offer_versions_entry_is_json CHECK (JSON_VALID(entry))');
    }
};
