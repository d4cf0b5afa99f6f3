<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('carts', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained();
            $table->char('ref', 12)->collation('ascii_bin')->unique()->comment('names the cart in addresses');
            $table->char('visitor', 64)->collation('ascii_bin')->comment('SHA-256 of the cookie that owns the cart');
            $table->char('shared_by', 64)->collation('ascii_bin')->nullable()->comment('the visitor, where this is their one shared cart; null: bought alone');
            $table->foreignId('last_placement_id')->nullable()->constrained('placements');
            $table->dateTime('last_added_at', 3)->nullable();
            $table->dateTime('second_step_at')->nullable()->comment('null: nothing but one click has happened');
            $table->longText('typed')->nullable()->comment('the checkout’s fields, as typed');
            $table->dateTime('created_at');
            $table->unique(['shop_id', 'shared_by']);
            $table->index(['second_step_at', 'created_at']);
        });

        Schema::create('cart_lines', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('cart_id')->constrained()->cascadeOnDelete();
            $table->foreignId('product_id')->constrained();
            $table->unsignedSmallInteger('quantity');
            $table->foreignId('placement_id')->nullable()->constrained();
            $table->unique(['cart_id', 'product_id']);
        });
        DB::statement('ALTER TABLE cart_lines ADD CONSTRAINT cart_lines_quantity_in_range CHECK (quantity BETWEEN 1 AND 999)');

        Schema::create('payments', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained();
            $table->foreignId('cart_id')->nullable()->constrained()->nullOnDelete();
            $table->char('reference', 22)->collation('ascii_bin')->unique()->comment('ours; 128 random bits');
            $table->string('provider_id', 64)->collation('ascii_bin')->nullable()->unique();
            $table->string('hosted_url', 500)->nullable();
            $table->bigInteger('amount_minor');
            $table->char('currency', 3)->collation('ascii_bin');
            $table->string('payee', 64)->collation('ascii_bin');
            $table->char('cart_digest', 64)->collation('ascii_bin');
            $table->string('state', 16)->collation('ascii_bin');
            $table->longText('checkout')->comment('JSON: the bill and the shopper, frozen when the payment was opened');
            $table->dateTime('created_at');
            $table->dateTime('updated_at');
            $table->index(['cart_id', 'state']);
        });
        DB::statement('ALTER TABLE payments
            ADD CONSTRAINT payments_amount_not_negative CHECK (amount_minor >= 0),
            ADD CONSTRAINT payments_checkout_is_json CHECK (JSON_VALID(checkout))');

        Schema::create('refused_events', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained();
            $table->foreignId('payment_id')->constrained();
            $table->string('reason', 500);
            $table->unsignedInteger('times')->default(1);
            $table->dateTime('last_at');
            $table->char('reason_digest', 64)->collation('ascii_bin');
            $table->unique(['payment_id', 'reason_digest']);
            $table->index(['shop_id', 'last_at']);
        });

        Schema::create('orders', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained();
            $table->foreignId('payment_id')->unique()->constrained();
            $table->unsignedInteger('number');
            $table->char('token', 22)->collation('ascii_bin')->unique()->comment('128 random bits; opens the thank-you page');
            $table->string('email', 254);
            $table->string('name', 120);
            $table->string('street', 160);
            $table->string('postcode', 16);
            $table->string('town', 100);
            $table->char('country', 2)->collation('ascii_bin');
            $table->char('currency', 3)->collation('ascii_bin');
            $table->bigInteger('items_minor');
            $table->bigInteger('shipping_minor');
            $table->bigInteger('total_minor');
            $table->string('shipping_because', 300);
            $table->dateTime('placed_at');
            $table->dateTime('captured_at')->nullable();
            $table->unique(['shop_id', 'number']);
        });
        DB::statement('ALTER TABLE orders ADD CONSTRAINT orders_total_is_its_parts CHECK (total_minor = items_minor + shipping_minor)');

        Schema::create('order_lines', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('order_id')->constrained();
            $table->foreignId('product_id')->constrained();
            $table->foreignId('placement_id')->nullable()->constrained();
            $table->string('sku', 64)->collation('utf8mb4_bin');
            $table->string('name', 160);
            $table->string('picture', 32)->collation('ascii_bin');
            $table->unsignedSmallInteger('quantity');
            $table->bigInteger('unit_minor');
            $table->bigInteger('subtotal_minor');
        });
        DB::statement('ALTER TABLE order_lines ADD CONSTRAINT order_lines_subtotal_is_exact CHECK (subtotal_minor = unit_minor * quantity)');

        Schema::create('stock_movements', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('product_id')->constrained();
            $table->foreignId('order_id')->constrained();
            $table->integer('pieces')->comment('negative: left the shelf');
            $table->dateTime('created_at');
            $table->unique(['order_id', 'product_id']);
        });
    }
};
