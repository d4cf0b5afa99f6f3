<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** How far the money of an order has come, what of it was given back and for what, and what the seller notes beside it. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('orders', static function (Blueprint $table): void {
            $table->string('money_state', 16)->charset('ascii')->collation('ascii_bin')->default('authorised');
            $table->text('note')->default('')->comment('of the seller, for themselves');
            $table->index(['shop_id', 'money_state', 'number']);
        });
        DB::statement("UPDATE orders SET money_state = 'paid' WHERE captured_at IS NOT NULL");
        DB::statement('ALTER TABLE orders DROP CONSTRAINT orders_goods_state_is_known');
        DB::statement("
            ALTER TABLE orders
                ADD CONSTRAINT orders_goods_state_is_known CHECK (goods_state IN ('new', 'packed', 'sent', 'collected', 'cancelled', 'nothing')),
                ADD CONSTRAINT orders_money_state_is_known CHECK (money_state IN ('authorised', 'paid', 'partly_refunded', 'refunded', 'voided'))");
        $this->makeRefunds();
        $this->countReturns();
        // A letter of a kind about an order goes out once, or once for each step of giving money back and each date that is moved.
        Schema::table('messages', static function (Blueprint $table): void {
            $table->unsignedBigInteger('about_id')->default(0)->after('order_id')->comment('a refund, or how often a date was moved; 0: the order as a whole');
            $table->unique(['order_id', 'kind', 'to', 'about_id']);
        });
        Schema::table('messages', static function (Blueprint $table): void {
            $table->dropUnique(['order_id', 'kind', 'to']);
        });
    }

    private function makeRefunds(): void
    {
        Schema::create('refunds', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('order_id')->constrained();
            $table->foreignId('payment_id')->constrained();
            $table->string('act', 40)->charset('ascii')->collation('ascii_bin')->comment('named by the page it was done on: done twice, it is the same act');
            $table->string('state', 12)->charset('ascii')->collation('ascii_bin')->comment('pending until the provider has answered');
            $table->bigInteger('amount_minor');
            $table->bigInteger('tax_minor')->comment('of the amount');
            $table->string('reason', 300)->default('');
            $table->boolean('is_restocked')->default(false);
            $table->foreignId('person_id')->nullable()->constrained('people')->nullOnDelete();
            $table->dateTime('asked_at');
            $table->dateTime('answered_at')->nullable();
            $table->unique(['order_id', 'act']);
            $table->index(['state', 'asked_at']);
        });
        DB::statement("
            ALTER TABLE refunds
                ADD CONSTRAINT refunds_state_is_known CHECK (state IN ('pending', 'done', 'declined')),
                ADD CONSTRAINT refunds_give_something CHECK (amount_minor > 0 AND tax_minor BETWEEN 0 AND amount_minor)");
        Schema::create('refund_lines', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('refund_id')->constrained();
            $table->foreignId('order_line_id')->nullable()->comment('null: shipping')->constrained();
            $table->unsignedInteger('pieces')->comment('that come back; 0: a part of an amount');
            $table->bigInteger('net_minor')->comment('after the discount, without tax that comes on top');
            $table->bigInteger('discount_minor');
            $table->bigInteger('tax_minor');
            $table->unique(['refund_id', 'order_line_id']);
        });
        DB::statement('ALTER TABLE refund_lines ADD CONSTRAINT refund_lines_are_not_negative CHECK (net_minor >= 0 AND discount_minor >= 0 AND tax_minor >= 0)');
    }

    private function countReturns(): void
    {
        Schema::table('stock_movements', static function (Blueprint $table): void {
            $table->string('kind', 12)->charset('ascii')->collation('ascii_bin')->default('sold');
            $table->unsignedBigInteger('refund_id')->default(0)->comment('by which pieces came back; 0: sold, or cancelled');
            $table->unique(['order_line_id', 'kind', 'refund_id']);
        });
        Schema::table('stock_movements', static function (Blueprint $table): void {
            $table->dropUnique(['order_line_id']);
        });
        DB::statement("ALTER TABLE stock_movements ADD CONSTRAINT stock_movements_kind_is_known CHECK ((kind = 'sold' AND pieces < 0 AND refund_id = 0) OR (kind = 'returned' AND pieces > 0))");
    }
};
