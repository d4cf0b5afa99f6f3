<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What an invoice and a report need and nothing else can tell afterwards: rates change, goods go, and the zone says which day it was. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('order_lines', static function (Blueprint $table): void {
            $table->string('tax_class', 40)->nullable()->after('tax_minor');
            $table->string('tax_rate', 40)->charset('ascii')->collation('ascii_bin')->nullable()->after('tax_class')->comment('in percent; null where it was not kept');
            $table->bigInteger('profit_minor')->nullable()->after('tax_rate')->comment('before the provider’s fee; null where it was not kept');
        });
        Schema::table('orders', static function (Blueprint $table): void {
            $table->bigInteger('shipping_tax_minor')->nullable()->after('tax_minor')->comment('of the tax; null where it was not kept');
            $table->string('shipping_tax_rate', 40)->charset('ascii')->collation('ascii_bin')->nullable()->after('shipping_tax_minor')->comment('in percent');
        });
        DB::statement('ALTER TABLE orders ADD CONSTRAINT orders_shipping_tax_within_tax CHECK (shipping_tax_minor BETWEEN 0 AND tax_minor)');
        DB::statement("ALTER TABLE shops ADD COLUMN timezone VARCHAR(64) CHARACTER SET ascii COLLATE ascii_bin AS (JSON_VALUE(rules, '$.timezone')) STORED COMMENT 'IANA; in which its days are told'");
    }
};
