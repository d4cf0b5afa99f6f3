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
            $table->bigInteger('shipping_fee_minor')->default(0);
            $table->string('payee', 64)->collation('ascii_bin')->nullable();
            $table->unsignedInteger('last_order_number')->default(1000);
            $table->timestamps();
        });
        DB::statement('ALTER TABLE shops
            ADD CONSTRAINT shops_shipping_fee_not_negative CHECK (shipping_fee_minor >= 0),
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
