<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A payment of which nothing is heard is asked about, and one that is to be given back is known until it is. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('payments', function (Blueprint $table): void {
            $table->unsignedTinyInteger('asks')->default(0)->comment('how often the provider was asked while nothing was heard');
            $table->dateTime('void_wanted_at')->nullable()->comment('since when what is held is to be given back');
            $table->dateTime('voided_at')->nullable();
            $table->index(['state', 'asks', 'created_at']);
            $table->index(['shop_id', 'void_wanted_at']);
        });
        Schema::table('orders', function (Blueprint $table): void {
            $table->index(['shop_id', 'captured_at', 'placed_at']);
        });
        Schema::table('carts', function (Blueprint $table): void {
            $table->index(['shop_id', 'visitor']);
        });
    }
};
