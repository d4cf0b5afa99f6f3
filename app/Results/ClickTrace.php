<?php

declare(strict_types=1);

namespace App\Results;

use App\Time\Clock;
use Illuminate\Database\ConnectionInterface;

/** Clicks a day. */
final readonly class ClickTrace
{
    public const DAYS = 30;

    public function __construct(
        private ConnectionInterface $db,
        private Clock $clock,
    ) {}

    /**
     * @param  list<int>  $offerIds
     * @return array<int, list<int>> by offer, the clicks of the last 30 days (UTC), the oldest day first
     */
    public function ofOffers(array $offerIds): array
    {
        $first = $this->clock->now()->startOfDay()->subDays(self::DAYS - 1);
        $traces = array_fill_keys($offerIds, array_fill(0, self::DAYS, 0));
        $counts = $this->db->table('clicks')
            ->whereIn('offer_id', $offerIds)
            ->where('hour', '>=', $first)
            ->selectRaw('offer_id, DATEDIFF(hour, ?) AS day, COUNT(*) AS clicks', [$first->toDateString()])
            ->groupBy('offer_id', 'day')
            ->get();
        foreach ($counts as $count) {
            /** @var object{offer_id: int, day: int, clicks: int} $count */
            $traces[$count->offer_id][$count->day] = $count->clicks;
        }

        return array_map(array_values(...), $traces);
    }
}
