<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a shop says to its shoppers in words of its own. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('shop_phrases', static function (Blueprint $table): void {
            $table->foreignId('shop_id')->constrained()->cascadeOnDelete();
            $table->string('language', 8)->charset('ascii')->collation('ascii_bin')->comment('RFC 5646');
            $table->string('phrase', 64)->charset('ascii')->collation('ascii_bin');
            $table->text('text');
            $table->primary(['shop_id', 'language', 'phrase']);
        });
    }
};
