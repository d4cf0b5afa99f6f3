<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Products have kinds; for a donation the shopper says how much. */
return new class extends Migration
{
    public function up(): void
    {
        foreach (['products', 'order_lines'] as $name) {
            Schema::table($name, static function (Blueprint $table): void {
                $table->string('kind', 12)->charset('ascii')->collation('ascii_bin')->default('physical');
                $table->text('thanks')->nullable()->comment('the words of thanks of a cause');
            });
            DB::statement("ALTER TABLE {$name} ADD CONSTRAINT {$name}_kind_is_known CHECK (kind IN ('physical', 'digital', 'service', 'donation', 'gift_card'))");
        }
        Schema::table('products', static function (Blueprint $table): void {
            $table->bigInteger('least_minor')->nullable()->comment('that a shopper may give');
            $table->bigInteger('most_minor')->nullable();
            $table->json('suggested')->nullable()->comment('amounts in minor units');
        });
        DB::statement('ALTER TABLE products ADD CONSTRAINT products_limits_are_in_order CHECK (least_minor >= 0 AND most_minor >= 0 AND (least_minor IS NULL OR most_minor IS NULL OR least_minor <= most_minor))');
    }
};
