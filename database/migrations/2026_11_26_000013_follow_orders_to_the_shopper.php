<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** How far the goods of an order have come, who said so, and how they travel. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('orders', static function (Blueprint $table): void {
            $table->string('goods_state', 12)->charset('ascii')->collation('ascii_bin')->default('new');
            $table->index(['shop_id', 'goods_state', 'number']);
        });
        DB::statement("ALTER TABLE orders ADD CONSTRAINT orders_goods_state_is_known CHECK (goods_state IN ('new', 'packed', 'sent', 'collected'))");
        Schema::create('order_steps', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('order_id')->constrained();
            $table->foreignId('person_id')->nullable()->constrained('people')->nullOnDelete();
            $table->string('goods_state', 12)->charset('ascii')->collation('ascii_bin')->comment('what the goods became');
            $table->string('carrier', 60)->default('');
            $table->string('tracking', 500)->charset('ascii')->collation('ascii_bin')->default('')->comment('an https address, or blank');
            $table->dateTime('at');
            $table->index(['order_id', 'id']);
        });
    }
};
