<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The words by which things are found; those of things that are there already are written by `search:write`. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('search_words', function (Blueprint $table): void {
            $table->unsignedBigInteger('shop_id');
            $table->unsignedTinyInteger('kind')->comment('App\Finding\Kind');
            $table->string('word', 40)->collation('utf8mb4_bin');
            $table->unsignedBigInteger('thing_id');
            $table->primary(['shop_id', 'kind', 'word', 'thing_id']);
            $table->index(['kind', 'thing_id']);
        });
    }
};
