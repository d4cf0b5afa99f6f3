<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What was taken out of a cart last can be put back as it was. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('carts', function (Blueprint $table): void {
            $table->json('taken_out')->nullable()->comment('rows of cart_lines that were taken out last, with what they are called');
        });
    }
};
