<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What the command box shows of what it finds, written with the words; of things that are there already by `search:write`. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('search_things', function (Blueprint $table): void {
            $table->unsignedBigInteger('shop_id');
            $table->unsignedTinyInteger('kind')->comment('App\Finding\Kind');
            $table->unsignedBigInteger('thing_id');
            $table->unsignedBigInteger('of_id')->nullable()->comment('what it is a part of: of a place, its offer');
            $table->string('code', 64)->nullable()->comment('folded; whoever types it means this one');
            $table->string('label', 200);
            $table->string('note', 200);
            $table->primary(['kind', 'thing_id']);
            $table->index(['shop_id', 'kind', 'thing_id']);
            $table->index(['shop_id', 'code']);
        });
    }
};
