<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        DB::statement("ALTER TABLE placements DROP CONSTRAINT placements_form_is_known, ADD CONSTRAINT placements_form_is_known CHECK (form IN ('button', 'price', 'picture', 'story'))");
    }
};
