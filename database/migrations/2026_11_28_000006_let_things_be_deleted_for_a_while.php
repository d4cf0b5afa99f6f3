<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * What is deleted is out of sight and does nothing; for thirty days it can be taken back. Rows stay for good: a code or a
 * SKU that was given out never names something else.
 */
return new class extends Migration
{
    public function up(): void
    {
        foreach (['products', 'placements', 'coupons', 'looks', 'price_tables'] as $things) {
            Schema::table($things, function (Blueprint $table): void {
                $table->dateTime('deleted_at')->nullable();
                $table->index(['shop_id', 'deleted_at']);
            });
        }
        Schema::table('products', function (Blueprint $table): void {
            // Lists are counted and read from the index alone.
            $table->index(['shop_id', 'deleted_at', 'name', 'id']);
            $table->index(['shop_id', 'deleted_at', 'updated_at', 'id']);
            $table->index(['shop_id', 'deleted_at', 'is_draft']);
            $table->boolean('was_for_sale')->nullable()->comment('before it was deleted');
        });
    }
};
