<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What has a word that very many have stands in bits beside its rows; `search:common` begins with those that are there. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('word_sets', static function (Blueprint $table): void {
            $table->unsignedBigInteger('shop_id');
            $table->unsignedTinyInteger('kind')->comment('App\Finding\Kind');
            $table->string('word', 40)->collation('utf8mb4_bin');
            $table->unsignedInteger('block')->comment('of 4,096 ids');
            $table->primary(['shop_id', 'kind', 'word', 'block']);
        });
        DB::statement("ALTER TABLE word_sets ADD COLUMN things VARBINARY(512) NOT NULL COMMENT 'a bit for each id, the lowest of each byte first', ADD CONSTRAINT word_sets_are_whole CHECK (LENGTH(things) = 512)");
        Schema::create('word_changes', static function (Blueprint $table): void {
            $table->id();
            $table->unsignedBigInteger('shop_id');
            $table->unsignedTinyInteger('kind')->comment('App\Finding\Kind');
            $table->unsignedBigInteger('thing_id')->comment('whose words are others than the sets say');
            $table->index(['shop_id', 'kind', 'thing_id']);
        });
    }
};
