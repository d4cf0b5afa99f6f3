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
        Schema::create('coupons', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained();
            $table->string('code', 40);
            $table->string('kind', 16)->collation('ascii_bin');
            $table->string('percent', 40)->collation('ascii_bin')->nullable();
            $table->bigInteger('amount_minor')->nullable();
            $table->bigInteger('min_spend_minor')->nullable();
            $table->longText('skus')->nullable()->comment('JSON; null: all goods');
            $table->dateTime('counts_from')->nullable();
            $table->dateTime('counts_until')->nullable();
            $table->unsignedInteger('most_uses')->nullable();
            $table->unsignedInteger('most_uses_each')->nullable()->comment('by one e-mail address');
            $table->unsignedInteger('uses')->default(0);
            $table->timestamps();
            $table->unique(['shop_id', 'code']);
            $table->unique(['shop_id', 'id']);
        });
        DB::statement('ALTER TABLE coupons
            ADD CONSTRAINT coupons_value_fits_kind CHECK ((percent IS NOT NULL) = (kind = \'percent\') AND (amount_minor IS NOT NULL) = (kind = \'amount\')),
            ADD CONSTRAINT coupons_amounts_not_negative CHECK (amount_minor >= 0 AND min_spend_minor >= 0),
            ADD CONSTRAINT coupons_not_used_up CHECK (most_uses IS NULL OR uses <= most_uses),
            ADD CONSTRAINT coupons_skus_are_json CHECK (skus IS NULL OR JSON_VALID(skus))');

        Schema::create('carts', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained();
            $table->char('ref', 12)->collation('ascii_bin')->unique()->comment('names the cart in addresses');
            $table->char('visitor', 64)->collation('ascii_bin')->comment('SHA-256 of the cookie that owns the cart');
            $table->char('shared_by', 64)->collation('ascii_bin')->nullable()->comment('the visitor, where this is their one shared cart; null: bought alone');
            $table->foreignId('last_placement_id')->nullable()->constrained('placements');
            $table->char('last_take', 64)->collation('ascii_bin')->nullable()->comment('SHA-256 of the open link that was followed last');
            $table->string('back', 500)->nullable()->comment('where an open link says that the shopper returns');
            $table->dateTime('last_added_at', 3)->nullable();
            $table->dateTime('second_step_at')->nullable()->comment('null: nothing but one click has happened');
            $table->char('country', 2)->collation('ascii_bin')->nullable()->comment('where it goes, as far as the shopper has said');
            $table->string('coupon_code', 40)->nullable()->comment('as the shopper asked for it');
            $table->longText('typed')->nullable()->comment('the checkout’s fields, as typed');
            $table->dateTime('created_at');
            $table->unique(['shop_id', 'shared_by']);
            $table->index(['second_step_at', 'created_at']);
        });

        Schema::create('cart_lines', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('cart_id')->constrained()->cascadeOnDelete();
            $table->foreignId('product_id')->constrained();
            $table->unsignedBigInteger('variant_id')->nullable();
            $table->unsignedBigInteger('variant_key')->storedAs('COALESCE(variant_id, 0)')->comment('null is never equal to null');
            $table->unsignedSmallInteger('quantity');
            $table->foreignId('placement_id')->nullable()->constrained();
            $table->bigInteger('seen_unit_minor')->nullable()->comment('the price that the shopper saw last');
            $table->unique(['cart_id', 'product_id', 'variant_key']);
            $table->foreign(['product_id', 'variant_id'])->references(['product_id', 'id'])->on('variants')->cascadeOnDelete();
        });
        DB::statement('ALTER TABLE cart_lines ADD CONSTRAINT cart_lines_quantity_in_range CHECK (quantity BETWEEN 1 AND 9999)');

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
            $table->bigInteger('discount_minor');
            $table->bigInteger('shipping_minor');
            $table->bigInteger('tax_minor');
            $table->boolean('tax_is_contained');
            $table->bigInteger('total_minor');
            $table->bigInteger('profit_minor');
            $table->string('coupon_code', 40)->nullable();
            $table->longText('reasons')->comment('JSON: why each amount was what it was');
            $table->string('phone', 40)->default('');
            $table->string('company', 120)->default('');
            $table->string('comment', 1000)->default('');
            $table->dateTime('placed_at');
            $table->dateTime('captured_at')->nullable();
            $table->dateTime('opened_until')->nullable()->comment('until then the token shows all of it, after a fresh link was asked for');
            $table->unique(['shop_id', 'number']);
            $table->index(['shop_id', 'email']);
        });
        DB::statement('ALTER TABLE orders ADD CONSTRAINT orders_total_is_its_parts CHECK (total_minor = items_minor - discount_minor + shipping_minor + IF(tax_is_contained, 0, tax_minor))');

        Schema::create('order_lines', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('order_id')->constrained();
            $table->foreignId('product_id')->constrained();
            $table->foreignId('variant_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('placement_id')->nullable()->constrained();
            $table->string('sku', 64)->collation('utf8mb4_bin');
            $table->string('name', 160);
            $table->string('choices', 400)->default('');
            $table->string('picture', 120)->collation('ascii_bin');
            $table->unsignedSmallInteger('quantity');
            $table->unsignedSmallInteger('back_ordered')->default(0)->comment('of the quantity, pieces that were not on the shelf');
            $table->bigInteger('unit_minor');
            $table->bigInteger('subtotal_minor');
            $table->bigInteger('discount_minor');
            $table->bigInteger('tax_minor');
            $table->string('because', 300)->default('');
        });
        DB::statement('ALTER TABLE order_lines
            ADD CONSTRAINT order_lines_subtotal_is_exact CHECK (subtotal_minor = unit_minor * quantity),
            ADD CONSTRAINT order_lines_discount_within_subtotal CHECK (discount_minor BETWEEN 0 AND subtotal_minor)');

        Schema::create('stock_movements', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('product_id')->constrained();
            $table->foreignId('variant_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('order_id')->constrained();
            $table->foreignId('order_line_id')->unique()->constrained();
            $table->integer('pieces')->comment('negative: left the shelf');
            $table->dateTime('created_at');
        });

        Schema::create('coupon_uses', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('coupon_id')->constrained()->cascadeOnDelete();
            $table->foreignId('order_id')->unique()->constrained();
            $table->char('shopper', 64)->collation('ascii_bin')->comment('SHA-256 of the e-mail address in lower case');
            $table->index(['coupon_id', 'shopper']);
        });

        Schema::create('messages', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained();
            $table->foreignId('order_id')->nullable()->constrained();
            $table->string('kind', 32)->collation('ascii_bin');
            $table->string('to', 254);
            $table->string('subject', 200);
            $table->mediumText('text');
            $table->dateTime('created_at');
            $table->dateTime('sent_at')->nullable();
            // One message of a kind about an order to a person, however often it is asked for.
            $table->unique(['order_id', 'kind', 'to']);
            $table->index(['shop_id', 'created_at']);
        });

        Schema::create('shopper_links', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained();
            $table->string('email', 254);
            $table->char('token', 64)->collation('ascii_bin')->unique()->comment('SHA-256 of what the mail holds');
            $table->foreignId('order_id')->nullable()->comment('the order it opens; null: it signs in')->constrained();
            $table->dateTime('expires_at')->index();
            $table->dateTime('used_at')->nullable();
        });

        Schema::create('shopper_sessions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained();
            $table->char('visitor', 64)->collation('ascii_bin')->comment('SHA-256 of the cookie');
            $table->string('email', 254);
            $table->dateTime('expires_at')->index();
            $table->unique(['shop_id', 'visitor']);
        });
    }
};
