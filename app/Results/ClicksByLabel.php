<?php

declare(strict_types=1);

namespace App\Results;

use App\Models\Shop;
use App\Time\Clock;
use Illuminate\Database\ConnectionInterface;
use PaperKite\Results\EventKind;

/** How often links and places of each label were clicked on each of the last days. */
final readonly class ClicksByLabel
{
    public function __construct(
        private ConnectionInterface $db,
        private Clock $clock,
    ) {}

    /** @return array<string, list<int>> by label, those that were clicked most first; blank: labels that found no room */
    public function __invoke(Shop $shop): array
    {
        $today = $this->clock->now()->setTimezone($shop->timezone ?? 'UTC');
        $first = $today->subDays(ReadResults::TRACE_DAYS - 1)->toDateString();
        $which = 'shop_id = ? AND kind = ? AND day BETWEEN ? AND ?';
        $bindings = [$shop->id, EventKind::Click->value, $first, $today->toDateString()];
        // A label is what was typed, to the letter: no collation makes one of two.
        $rows = $this->db->select(
            "SELECT CAST(COALESCE(placements.label, labels.text, '') AS BINARY) AS label, DATEDIFF(counted.day, ?) AS number, CAST(SUM(counted.acts) AS UNSIGNED) AS acts FROM (
                SELECT day, placement_id, label_id, SUM(acts) AS acts FROM result_days WHERE {$which} AND (placement_id <> 0 OR label_id <> 0) GROUP BY day, placement_id, label_id
                UNION ALL
                SELECT day, placement_id, COALESCE(label_id, 0), is_act FROM events WHERE id > (SELECT folded_to FROM result_marks) AND {$which} AND (placement_id IS NOT NULL OR label_id IS NOT NULL)
            ) AS counted
            LEFT JOIN placements ON placements.id = counted.placement_id
            LEFT JOIN labels ON labels.id = counted.label_id
            WHERE placements.label IS NOT NULL OR labels.id IS NOT NULL OR counted.label_id = ?
            GROUP BY 1, 2",
            [$first, ...$bindings, ...$bindings, Labels::OTHER],
        );
        $traces = [];
        foreach ($rows as $row) {
            /** @var object{label: string, number: int, acts: int} $row */
            $traces[$row->label] ??= array_fill(0, ReadResults::TRACE_DAYS, 0);
            $traces[$row->label][$row->number] = $row->acts;
        }
        uksort($traces, static fn (int|string $a, int|string $b): int => [array_sum($traces[$b]), (string) $a] <=> [array_sum($traces[$a]), (string) $b]);

        return array_map(array_values(...), $traces);
    }
}
