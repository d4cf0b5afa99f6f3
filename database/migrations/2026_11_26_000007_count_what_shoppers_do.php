<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Events instead of clicks: what shoppers did, with day and hour by the shop's zone, and its sums by day. Shoppers write
 * them, so that they have no foreign keys: each would lock a row that a seller saves. 0 stands for none.
 */
return new class extends Migration
{
    public function up(): void
    {
        $this->labels();
        $this->events();
        $this->sums();
        Schema::table('cart_lines', static function (Blueprint $table): void {
            $table->bigInteger('label_id')->nullable()->comment('of labels; -1: other');
            $table->boolean('was_in_checkout')->default(false)->comment('that its checkout was opened is counted');
        });
        Schema::table('carts', static function (Blueprint $table): void {
            $table->unsignedTinyInteger('device')->nullable()->comment('with which its checkout was opened');
        });
        Schema::table('order_lines', static function (Blueprint $table): void {
            $table->bigInteger('label_id')->nullable()->after('placement_id')->comment('of labels; -1: other');
        });
    }

    private function labels(): void
    {
        Schema::create('labels', static function (Blueprint $table): void {
            $table->id();
            $table->unsignedBigInteger('shop_id');
            $table->string('text', 40)->charset('ascii')->collation('ascii_bin');
            $table->boolean('is_own')->comment('the shop has built a link with it');
            $table->unique(['shop_id', 'text']);
        });
    }

    private function events(): void
    {
        Schema::create('events', function (Blueprint $table): void {
            $table->id();
            $this->dimensions($table);
            $table->unsignedTinyInteger('hour');
            $table->boolean('is_act')->comment('0: a further product of the same act');
            $table->integer('pieces');
            $table->bigInteger('value_minor');
            $table->bigInteger('profit_minor');
            $table->index(['shop_id', 'id']);
        });
        DB::statement('ALTER TABLE events ADD CONSTRAINT events_hour_of_a_day CHECK (hour <= 23)');
    }

    private function sums(): void
    {
        Schema::create('result_days', function (Blueprint $table): void {
            $this->dimensions($table);
            $table->unsignedBigInteger('acts');
            $table->unsignedBigInteger('entries');
            $table->bigInteger('pieces');
            $table->bigInteger('value_minor');
            $table->bigInteger('profit_minor');
            $table->primary(['shop_id', 'day', 'kind', 'offer_id', 'placement_id', 'product_id', 'marketplace_id', 'label_id', 'country', 'device', 'currency']);
            $table->index(['offer_id', 'kind', 'day']);
        });
        Schema::create('result_marks', static function (Blueprint $table): void {
            $table->unsignedBigInteger('folded_to')->primary()->comment('up to this event all are added up; one row');
        });
        DB::table('result_marks')->insert(['folded_to' => 0]);
    }

    private function dimensions(Blueprint $table): void
    {
        $table->unsignedBigInteger('shop_id');
        $table->date('day')->comment('the shop’s');
        $table->unsignedTinyInteger('kind');
        $table->unsignedBigInteger('offer_id')->default(0);
        $table->unsignedBigInteger('placement_id')->default(0);
        $table->unsignedBigInteger('product_id')->default(0);
        $table->unsignedBigInteger('marketplace_id')->default(0);
        $table->bigInteger('label_id')->default(0)->comment('-1: other');
        $table->char('country', 2)->charset('ascii')->collation('ascii_bin')->default('');
        $table->unsignedTinyInteger('device')->default(0);
        $table->char('currency', 3)->charset('ascii')->collation('ascii_bin');
    }
};
