<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A service may take place: when and where, of a product or of each of its variants, and who comes. */
return new class extends Migration
{
    public function up(): void
    {
        foreach (['products', 'variants', 'order_lines'] as $name) {
            Schema::table($name, static function (Blueprint $table): void {
                $table->dateTime('begins_at')->nullable();
                $table->dateTime('ends_at')->nullable();
                $table->string('place', 200)->default('');
                $table->unsignedInteger('event_sequence')->default(0)->comment('how often it was moved; of an order, as its shopper was told (RFC 5545, 3.8.7.4)');
            });
            DB::statement("ALTER TABLE {$name} ADD CONSTRAINT {$name}_end_after_they_begin CHECK (ends_at IS NULL OR (begins_at IS NOT NULL AND begins_at < ends_at))");
        }
        Schema::table('products', static function (Blueprint $table): void {
            $table->boolean('asks_attendees')->default(false);
        });
        foreach (['cart_lines', 'order_lines'] as $name) {
            Schema::table($name, static function (Blueprint $table): void {
                $table->json('attendees')->nullable()->comment('a name for each seat');
            });
        }
        Schema::table('order_lines', static function (Blueprint $table): void {
            $table->index(['product_id', 'event_sequence']);
        });
    }
};
