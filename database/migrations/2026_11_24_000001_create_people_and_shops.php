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
        Schema::create('people', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 120);
            $table->string('email', 254)->unique();
            $table->string('password');
            $table->timestamps();
        });

        Schema::create('shops', function (Blueprint $table): void {
            $table->id();
            $table->string('slug', 40)->collation('ascii_bin')->unique();
            $table->string('name', 120);
            $table->string('host', 190)->collation('ascii_bin')->unique();
            $table->char('currency', 3)->collation('ascii_bin');
            $table->char('accent', 7)->collation('ascii_bin')->default('#2f5d4e');
            $table->longText('rules')->nullable()->comment('JSON: tax, shipping, fees, as a quote document’s shop; null: nothing is set yet');
            $table->char('home_country', 2)->collation('ascii_bin')->default('IE')->comment('for a bill whose country nobody has said yet');
            $table->string('take_to', 8)->collation('ascii_bin')->default('cart')->comment('where an open link leads that does not say so');
            $table->longText('checkout_rules')->nullable()->comment('JSON: fields, comment, coupon field, texts, addresses afterwards; null: as built in');
            $table->string('payee', 64)->collation('ascii_bin')->nullable();
            $table->unsignedInteger('last_order_number')->default(1000);
            $table->timestamps();
        });
        DB::statement('ALTER TABLE shops
            ADD CONSTRAINT shops_rules_are_json CHECK (rules IS NULL OR JSON_VALID(rules)),
            ADD CONSTRAINT shops_checkout_rules_are_json CHECK (checkout_rules IS NULL OR JSON_VALID(checkout_rules)),
            ADD CONSTRAINT shops_accent_is_a_colour CHECK (accent RLIKE \'^#[0-9a-f]{6}$\')');

        Schema::create('former_hosts', function (Blueprint $table): void {
            $table->string('host', 190)->collation('ascii_bin')->primary();
            $table->foreignId('shop_id')->constrained();
        });

        Schema::create('memberships', function (Blueprint $table): void {
            $table->foreignId('person_id')->constrained('people')->cascadeOnDelete();
            $table->foreignId('shop_id')->constrained();
            $table->primary(['person_id', 'shop_id']);
        });
    }
};
