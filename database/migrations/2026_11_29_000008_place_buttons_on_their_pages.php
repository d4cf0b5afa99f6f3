<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A button stands somewhere in the space that its page has for it; a place may have a look and a width of its own. */
return new class extends Migration
{
    public function up(): void
    {
        foreach (['values', 'earlier'] as $column) {
            DB::statement("UPDATE looks SET `{$column}` = JSON_SET(`{$column}`, '$.place', 'start', '$.iconPicture', NULL) WHERE `{$column}` IS NOT NULL");
        }
        Schema::table('placements', function (Blueprint $table): void {
            $table->foreignId('look_id')->nullable()->comment('null: as its offer says')->constrained();
            $table->string('width', 8)->charset('ascii')->collation('ascii_bin')->nullable()->comment('null: as its look says');
            $table->unsignedTinyInteger('width_percent')->nullable();
        });
    }
};
