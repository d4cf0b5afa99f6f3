<?php

declare(strict_types=1);

namespace App\Results;

use App\Models\Shop;
use App\Time\Clock;
use Illuminate\Database\ConnectionInterface;
use PaperKite\Results\EventKind;

/** Reads what was counted: the sums by day, and in the same statement the events that are not added up yet. */
final readonly class ReadResults
{
    /** How far back a trace goes, today with it. */
    public const TRACE_DAYS = 30;

    public function __construct(
        private ConnectionInterface $db,
        private Clock $clock,
    ) {}

    /**
     * @param  list<int>  $offerIds
     * @return array<int, list<int>> by offer, how often it was done on each day of the shop, the oldest first
     */
    public function tracesOfOffers(Shop $shop, EventKind $kind, array $offerIds): array
    {
        return $this->traces($shop, $kind, 'offer_id', $offerIds);
    }

    /**
     * @param  list<int>  $placementIds
     * @return array<int, list<int>> by place, likewise
     */
    public function tracesOfPlaces(Shop $shop, EventKind $kind, array $placementIds): array
    {
        return $this->traces($shop, $kind, 'placement_id', $placementIds);
    }

    /**
     * @param  'offer_id'|'placement_id'  $of
     * @param  list<int>  $ids
     * @return array<int, list<int>>
     */
    private function traces(Shop $shop, EventKind $kind, string $of, array $ids): array
    {
        if ($ids === []) {
            return [];
        }
        $today = $this->clock->now()->setTimezone($shop->timezone ?? 'UTC');
        $first = $today->subDays(self::TRACE_DAYS - 1)->toDateString();
        $listed = implode(', ', array_fill(0, count($ids), '?'));
        $which = "shop_id = ? AND kind = ? AND {$of} IN ({$listed}) AND day BETWEEN ? AND ?";
        $bindings = [$shop->id, $kind->value, ...$ids, $first, $today->toDateString()];
        $counts = $this->db->select(
            "SELECT {$of} AS id, DATEDIFF(day, ?) AS number, CAST(SUM(acts) AS UNSIGNED) AS acts FROM (
                SELECT {$of}, day, acts FROM result_days WHERE {$which}
                UNION ALL
                SELECT {$of}, day, is_act FROM events WHERE id > (SELECT folded_to FROM result_marks) AND {$which}
            ) AS counted GROUP BY {$of}, day",
            [$first, ...$bindings, ...$bindings],
        );
        $traces = array_fill_keys($ids, array_fill(0, self::TRACE_DAYS, 0));
        foreach ($counts as $count) {
            /** @var object{id: int, number: int, acts: int} $count */
            $traces[$count->id][$count->number] = $count->acts;
        }

        return array_map(array_values(...), $traces);
    }
}
