<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Who asked to be told when something is back: once, in the order in which they asked. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('stock_wishes', function (Blueprint $table): void {
            $table->id();
            $table->unsignedBigInteger('shop_id');
            $table->unsignedBigInteger('product_id');
            $table->string('email', 254)->collation('utf8mb4_bin');
            $table->string('email_key', 254)->collation('utf8mb4_bin')->comment('the address as it is compared');
            $table->char('token', 64)->charset('ascii')->collation('ascii_bin')->unique()->comment('SHA-256 of the secret in the mail');
            $table->string('consent', 300)->comment('what they read when they asked');
            $table->dateTime('asked_at');
            $table->dateTime('told_at')->nullable();
            $table->dateTime('ended_at')->nullable();
            $table->index(['product_id', 'told_at', 'id']);
            $table->index('asked_at');
        });
        // Asked twice is asked once, while it waits.
        DB::statement('ALTER TABLE stock_wishes
            ADD COLUMN waits_as VARCHAR(254) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin AS (IF(told_at IS NULL AND ended_at IS NULL, email_key, NULL)) STORED,
            ADD UNIQUE INDEX stock_wishes_wait_once (product_id, waits_as)');
    }
};
