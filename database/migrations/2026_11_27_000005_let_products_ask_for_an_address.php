<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Whether whoever buys a product is asked where it goes, where that is not as usual for its kind. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('products', static function (Blueprint $table): void {
            $table->string('parcel_address', 16)->charset('ascii')->collation('ascii_bin')->nullable()->after('asks_attendees');
        });
    }
};
