<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Every payment so far was a checkout of its own. Each step can be run again: what it has done already it leaves as it is. */
return new class extends Migration
{
    public function up(): void
    {
        if (Schema::hasColumn('payments', 'checkout')) {
            $this->carryOver();
            DB::statement('ALTER TABLE payments DROP CONSTRAINT payments_checkout_is_json, DROP COLUMN checkout');
        }
        if (Schema::hasColumn('payments', 'cart_id')) {
            Schema::table('payments', static function (Blueprint $table): void {
                $table->dropConstrainedForeignId('cart_id');
            });
        }
        DB::statement("
            ALTER TABLE payments
                MODIFY checkout_id BIGINT UNSIGNED NOT NULL,
                ADD CONSTRAINT payments_state_is_known CHECK (state IN ('open', 'authorised', 'captured', 'declined', 'voided'))");
        if (Schema::hasColumn('orders', 'payment_id')) {
            Schema::table('orders', static function (Blueprint $table): void {
                $table->dropForeign(['payment_id']);
                $table->dropUnique(['payment_id']);
                $table->dropColumn('payment_id');
            });
        }
        DB::statement('
            ALTER TABLE orders
                MODIFY checkout_id BIGINT UNSIGNED NOT NULL, MODIFY due_now_minor BIGINT NOT NULL,
                ADD CONSTRAINT orders_total_is_due_now_or_later CHECK (total_minor = due_now_minor + later_minor AND due_now_minor >= 0 AND later_minor >= 0)');
    }

    private function carryOver(): void
    {
        DB::statement("
            INSERT IGNORE INTO checkouts (id, shop_id, cart_id, reference, digest, bill, state, created_at, updated_at)
            SELECT id, shop_id, cart_id, reference, cart_digest, checkout, IF(state = 'declined', 'abandoned', state), created_at, updated_at FROM payments");
        DB::statement('UPDATE payments SET checkout_id = id WHERE checkout_id IS NULL');
        DB::statement('UPDATE orders SET checkout_id = payment_id, due_now_minor = total_minor WHERE checkout_id IS NULL');
        DB::statement("
            UPDATE payments LEFT JOIN orders ON orders.checkout_id = payments.checkout_id
            SET payments.captured_minor = IF(orders.captured_at IS NULL, 0, payments.amount_minor), payments.captured_at = orders.captured_at,
                payments.state = IF(orders.captured_at IS NULL, 'authorised', 'captured')
            WHERE payments.state = 'ordered'");
        DB::statement("
            UPDATE payments SET state = CASE WHEN voided_at IS NOT NULL THEN 'voided' WHEN void_wanted_at IS NOT NULL THEN 'authorised' ELSE 'declined' END
            WHERE state IN ('superseded', 'abandoned', 'sold_out')");
    }
};
