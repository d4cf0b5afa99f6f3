<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** The word that whoever sets an installation up is asked for, until the first person is there. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('set_up_words', function (Blueprint $table): void {
            $table->unsignedTinyInteger('id')->primary()->comment('there is one');
            $table->char('digest', 64)->charset('ascii')->collation('ascii_bin')->comment('SHA-256');
            $table->unsignedTinyInteger('wrong')->default(0)->comment('how often another word was tried');
            $table->dateTime('closed_until', 3)->nullable();
        });
        DB::statement('ALTER TABLE set_up_words ADD CONSTRAINT set_up_words_are_one CHECK (id = 1)');
    }
};
