<?php

declare(strict_types=1);

namespace App\Results;

use Illuminate\Database\ConnectionInterface;

/**
 * Writes many events in one statement. A widely shared link is followed by many who are alike: what they did is sent
 * once, with how often, and MariaDB counts up to that in a table of numbers of its own.
 */
final readonly class InsertEvents
{
    /** How often one row can be written at once. */
    public const MOST_ALIKE = 500;

    public function __construct(private ConnectionInterface $db) {}

    /** @param  non-empty-list<array<string, int|string|bool>>  $rows  of EventRows, each with its `times` */
    public function __invoke(array $rows): void
    {
        $names = array_keys($rows[0]);
        $columns = implode(', ', array_diff($names, ['times']));
        $first = 'select '.implode(', ', array_map(static fn (string $name): string => "? as {$name}", $names));
        $others = str_repeat(' union all select '.implode(', ', array_fill(0, count($names), '?')), count($rows) - 1);

        $this->db->insert("insert into events ({$columns}) select {$columns} from ({$first}{$others}) as acts join seq_1_to_".self::MOST_ALIKE.' on seq <= times', array_merge(...array_map(array_values(...), $rows)));
    }
}
