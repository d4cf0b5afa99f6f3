<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Why a line cost what it cost, as a phrase with what stands in it; what a former release said is kept in its words. Killed anywhere, it can be run again. */
return new class extends Migration
{
    public function up(): void
    {
        DB::statement("ALTER TABLE order_lines MODIFY because LONGTEXT NULL COMMENT 'JSON: a phrase by its key, with its arguments; null: nothing needed saying'");
        DB::statement("UPDATE order_lines SET because = IF(because = '', NULL, JSON_OBJECT('say', 'kept', 'with', JSON_OBJECT('text', because))) WHERE because IS NOT NULL AND NOT JSON_VALID(because)");
        DB::statement('ALTER TABLE order_lines ADD CONSTRAINT order_lines_because_is_json CHECK (because IS NULL OR JSON_VALID(because))');
    }
};
