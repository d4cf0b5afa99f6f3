<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\Eloquent\Model;

/** Reads rows of several tables in one statement: each column comes under the name of its table. */
final class Joined
{
    /**
     * @param  array<string, list<string>>  $columns  by table, the key first
     * @return list<string> for a select
     */
    public static function selection(array $columns): array
    {
        $selection = [];
        foreach ($columns as $table => $names) {
            foreach ($names as $name) {
                $selection[] = "{$table}.{$name} as {$table}_{$name}";
            }
        }

        return $selection;
    }

    /**
     * @template M of Model
     *
     * @param  M  $model
     * @param  list<string>  $columns  the key first
     * @param  array<mixed>  $row
     * @return M|null `null` where an outer join found nothing
     */
    public static function model(Model $model, string $table, array $columns, array $row): ?Model
    {
        if (($row["{$table}_{$columns[0]}"] ?? null) === null) {
            return null;
        }
        $attributes = [];
        foreach ($columns as $column) {
            $attributes[$column] = $row["{$table}_{$column}"];
        }

        return $model->newFromBuilder($attributes);
    }
}
