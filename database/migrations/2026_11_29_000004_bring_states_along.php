<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A pasted button may bring a style sheet along, named after what it holds: it stays as it was for whoever pasted it. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('placements', function (Blueprint $table): void {
            $table->boolean('brings_sheet')->default(false)->comment('of an HTML button');
        });
        Schema::create('button_sheets', function (Blueprint $table): void {
            $table->unsignedBigInteger('shop_id');
            $table->char('digest', 32)->charset('ascii')->collation('ascii_bin');
            $table->text('css');
            $table->primary(['shop_id', 'digest']);
        });
    }
};
