<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\ConnectionInterface;

/** Inserts rows by a statement that is put together here: where somebody waits, a builder takes longer than the database. */
final class Rows
{
    /**
     * @param  non-empty-list<array<string, int|string|bool|null>>  $rows  of the same columns each
     * @param  string  $onDuplicate  what follows where a row is there already, with its values
     * @param  list<int|string>  $with
     */
    public static function insert(ConnectionInterface $db, string $table, array $rows, string $onDuplicate = '', array $with = []): void
    {
        $columns = array_keys($rows[0]);
        $marks = implode(', ', array_fill(0, count($rows), '('.implode(', ', array_fill(0, count($columns), '?')).')'));
        $db->insert("INSERT INTO {$table} (".implode(', ', $columns).") VALUES {$marks}".($onDuplicate === '' ? '' : " ON DUPLICATE KEY UPDATE {$onDuplicate}"), [...array_merge(...array_map(array_values(...), $rows)), ...$with]);
    }
}
