<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** An order is paid by the provider, by gift cards, or by both; what goes back goes back to both. */
return new class extends Migration
{
    public function up(): void
    {
        DB::statement("ALTER TABLE orders
            ADD COLUMN gift_cards_minor BIGINT NOT NULL DEFAULT 0 COMMENT 'of the total, what cards have paid' AFTER due_now_minor,
            DROP CONSTRAINT orders_total_is_due_now_or_later,
            ADD CONSTRAINT orders_total_is_paid_or_later CHECK (total_minor = due_now_minor + gift_cards_minor + later_minor AND due_now_minor >= 0 AND gift_cards_minor >= 0 AND later_minor >= 0)");
        DB::statement("ALTER TABLE refunds
            MODIFY payment_id BIGINT UNSIGNED NULL COMMENT 'null: all of it goes back to cards',
            ADD COLUMN payment_minor BIGINT NOT NULL DEFAULT 0 COMMENT 'of the amount, what the provider gives back; the rest goes back to cards' AFTER amount_minor");
        DB::statement('UPDATE refunds SET payment_minor = amount_minor');
        DB::statement('ALTER TABLE refunds ADD CONSTRAINT refunds_part_of_the_provider CHECK (payment_minor BETWEEN 0 AND amount_minor AND (payment_id IS NULL) = (payment_minor = 0))');
        DB::statement("ALTER TABLE checkouts
            DROP CONSTRAINT checkouts_state_is_known,
            ADD CONSTRAINT checkouts_state_is_known CHECK (state IN ('open', 'ordered', 'superseded', 'abandoned', 'sold_out', 'card_short'))");
    }
};
