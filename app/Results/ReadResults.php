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
        if ($offerIds === []) {
            return [];
        }
        $today = $this->clock->now()->setTimezone($shop->timezone ?? 'UTC');
        $first = $today->subDays(self::TRACE_DAYS - 1)->toDateString();
        $offers = implode(', ', array_fill(0, count($offerIds), '?'));
        $which = "shop_id = ? AND kind = ? AND offer_id IN ({$offers}) AND day BETWEEN ? AND ?";
        $bindings = [$shop->id, $kind->value, ...$offerIds, $first, $today->toDateString()];
        $counts = $this->db->select(
            "SELECT offer_id, DATEDIFF(day, ?) AS number, CAST(SUM(acts) AS UNSIGNED) AS acts FROM (
                SELECT offer_id, day, acts FROM result_days WHERE {$which}
                UNION ALL
                SELECT offer_id, day, is_act FROM events WHERE id > (SELECT folded_to FROM result_marks) AND {$which}
            ) AS counted GROUP BY offer_id, day",
            [$first, ...$bindings, ...$bindings],
        );
        $traces = array_fill_keys($offerIds, array_fill(0, self::TRACE_DAYS, 0));
        foreach ($counts as $count) {
            /** @var object{offer_id: int, number: int, acts: int} $count */
            $traces[$count->offer_id][$count->number] = $count->acts;
        }

        return array_map(array_values(...), $traces);
    }
}
