<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a form has said in each of its versions, from its next change on: its history, and what the changes of two people are held against. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('form_versions', function (Blueprint $table): void {
            $table->unsignedBigInteger('shop_id');
            $table->string('kind', 16)->charset('ascii')->collation('ascii_bin')->comment('App\Changes\EditKind');
            $table->unsignedBigInteger('subject_id')->comment('of the shop for what it has once');
            $table->unsignedInteger('version');
            $table->json('form')->comment('as it would be sent unchanged');
            $table->unsignedBigInteger('person_id')->nullable()->comment('null: nobody knows');
            $table->dateTime('at');
            $table->primary(['shop_id', 'kind', 'subject_id', 'version']);
            $table->foreign('shop_id')->references('id')->on('shops');
        });
    }
};
