<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What is no longer wanted is put away rather than deleted: it can be brought back, and what names it keeps it. */
return new class extends Migration
{
    public function up(): void
    {
        foreach (['looks', 'price_tables'] as $name) {
            Schema::table($name, function (Blueprint $table): void {
                $table->dateTime('put_away_at')->nullable()->comment('null: offered for use');
            });
        }
    }
};
