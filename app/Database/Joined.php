<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Query\Expression;

/** Reads rows of several tables in one statement: each column comes under the name of its table. */
final class Joined
{
    /**
     * @param  array<string, list<string>>  $columns  by table, the key first
     * @return Expression<string> for a select: of a hundred columns, quoting each by itself would take longer than reading them
     */
    public static function selection(array $columns): Expression
    {
        $selection = [];
        foreach ($columns as $table => $names) {
            foreach ($names as $name) {
                $selection[] = "`{$table}`.`{$name}` AS `{$table}_{$name}`";
            }
        }

        return new Expression(implode(', ', $selection));
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
