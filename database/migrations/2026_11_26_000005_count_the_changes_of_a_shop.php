<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A row of its own and without a foreign key, so that counting takes no lock on the shop's: the key of what is kept of a shop outside the database. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('shop_revisions', static function (Blueprint $table): void {
            $table->unsignedBigInteger('shop_id')->primary();
            $table->unsignedBigInteger('revision');
        });
    }
};
