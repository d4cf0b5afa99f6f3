<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What is bought is one thing, the money for it another: a checkout may be paid for at the second try, or by several. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('checkouts', static function (Blueprint $table): void {
            $table->id();
            $table->unsignedBigInteger('shop_id')->comment('no foreign key: it would lock the shop’s row; the cart holds it');
            $table->foreignId('cart_id')->nullable()->constrained()->nullOnDelete();
            $table->char('reference', 22)->charset('ascii')->collation('ascii_bin')->unique()->comment('128 random bits; opens the page to which the shopper comes back');
            $table->char('digest', 64)->charset('ascii')->collation('ascii_bin')->comment('of the bill that was shown');
            $table->longText('bill')->comment('JSON: the bill and the shopper, frozen when “pay” was pressed');
            $table->string('state', 16)->charset('ascii')->collation('ascii_bin');
            $table->dateTime('created_at');
            $table->dateTime('updated_at');
            $table->index(['cart_id', 'state']);
            $table->index(['state', 'created_at']);
        });
        DB::statement("
            ALTER TABLE checkouts
                ADD CONSTRAINT checkouts_bill_is_json CHECK (JSON_VALID(bill)),
                ADD CONSTRAINT checkouts_state_is_known CHECK (state IN ('open', 'ordered', 'superseded', 'abandoned', 'sold_out'))");
        Schema::table('payments', static function (Blueprint $table): void {
            $table->foreignId('checkout_id')->nullable()->after('shop_id')->constrained();
            $table->bigInteger('captured_minor')->default(0)->after('amount_minor');
            $table->bigInteger('refunded_minor')->default(0)->after('captured_minor');
            $table->dateTime('captured_at')->nullable();
        });
        DB::statement('ALTER TABLE payments ADD CONSTRAINT payments_no_more_is_given_back_than_taken CHECK (refunded_minor BETWEEN 0 AND captured_minor AND captured_minor <= amount_minor)');
        Schema::table('orders', static function (Blueprint $table): void {
            $table->foreignId('checkout_id')->nullable()->unique()->after('shop_id')->constrained();
            $table->bigInteger('due_now_minor')->nullable()->after('total_minor')->comment('of the total, what was due when it was placed');
            $table->bigInteger('later_minor')->default(0)->after('due_now_minor')->comment('of the total, what is due later');
        });
    }
};
