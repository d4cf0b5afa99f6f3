<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What was answered to an act that makes something: whoever never saw the answer asks again, and nothing is made twice. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('acts_done', function (Blueprint $table): void {
            $table->unsignedBigInteger('shop_id');
            $table->unsignedBigInteger('person_id');
            $table->string('name', 64)->charset('ascii')->collation('ascii_bin')->comment('given by whoever acts');
            $table->char('asked', 64)->charset('ascii')->collation('ascii_bin')->comment('digest of what was asked for');
            $table->unsignedSmallInteger('status')->default(0);
            $table->mediumText('answer')->default('');
            $table->dateTime('at');
            $table->primary(['shop_id', 'person_id', 'name']);
            $table->index('at');
        });
    }
};
