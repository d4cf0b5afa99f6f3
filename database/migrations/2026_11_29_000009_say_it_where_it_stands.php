<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** A product's own words are said for each surface; what it said on all of them, it says on each. */
return new class extends Migration
{
    public function up(): void
    {
        foreach (['cart', 'pay'] as $does) {
            DB::statement("UPDATE products SET buttons = JSON_REMOVE({$this->each('buttons', '$', $does)}, '$.{$does}') WHERE JSON_CONTAINS_PATH(buttons, 'one', '$.{$does}')");
            DB::statement("UPDATE form_versions SET form = JSON_REMOVE({$this->each('form', '$.buttons', $does)}, '$.buttons.{$does}') WHERE kind = 'product' AND JSON_CONTAINS_PATH(form, 'one', '$.buttons.{$does}')");
        }
    }

    private function each(string $column, string $path, string $does): string
    {
        $said = "JSON_VALUE({$column}, '{$path}.{$does}')";
        $sets = implode(', ', array_map(static fn (string $surface): string => "'{$path}.{$surface}_{$does}', {$said}", ['list', 'product', 'glance']));

        return "JSON_SET({$column}, {$sets})";
    }
};
