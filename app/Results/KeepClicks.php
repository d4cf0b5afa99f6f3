<?php

declare(strict_types=1);

namespace App\Results;

use App\Models\Shop;
use App\Time\Clock;
use Carbon\CarbonImmutable;
use Illuminate\Database\ConnectionInterface;
use PaperKite\Results\EventKind;

/**
 * Writes down with each offer how often it was clicked of late, so that a list can be in that order: of those that were
 * clicked since, and once a day of all, as a day falls out of the count.
 */
final readonly class KeepClicks
{
    private const EVENTS_AT_ONCE = 10_000;

    private const OFFERS_AT_ONCE = 500;

    public function __construct(
        private ConnectionInterface $db,
        private Clock $clock,
    ) {}

    public function __invoke(): void
    {
        foreach (Shop::query()->get(['id', 'timezone', 'clicks_of']) as $shop) {
            $today = $this->today($shop)->toDateString();
            if ($shop->clicks_of !== $today) {
                $this->write($shop, $this->db->table('offers')->where('shop_id', $shop->id)->where('clicks_lately', '>', 0)->pluck('id')->all());
                $this->db->update('UPDATE shops SET clicks_of = ? WHERE id = ?', [$today, $shop->id]);
            }
        }
        do {
            $wasMore = $this->clickedSince();
        } while ($wasMore);
    }

    /** What is written is a sum, not a difference: whoever is killed in between does it again. */
    private function clickedSince(): bool
    {
        /** @var object{clicks_to: int, folded_to: int} $marks */
        $marks = $this->db->selectOne('SELECT clicks_to, folded_to FROM result_marks');
        $to = min($marks->clicks_to + self::EVENTS_AT_ONCE, $marks->folded_to);
        if ($to <= $marks->clicks_to) {
            return false;
        }
        $clicked = $this->db->table('events')->where('kind', EventKind::Click->value)->where('id', '>', $marks->clicks_to)->where('id', '<=', $to)->where('offer_id', '>', 0)->distinct()->get(['shop_id', 'offer_id']);
        foreach ($clicked->groupBy('shop_id') as $shopId => $offers) {
            $this->write(Shop::query()->findOrFail($shopId, ['id', 'timezone']), $offers->pluck('offer_id')->all());
        }
        $this->db->update('UPDATE result_marks SET clicks_to = ? WHERE clicks_to < ?', [$to, $to]);

        return true;
    }

    /** @param  array<mixed>  $offerIds */
    private function write(Shop $shop, array $offerIds): void
    {
        $first = $this->today($shop)->subDays(ReadResults::TRACE_DAYS - 1)->toDateString();
        foreach (array_chunk($offerIds, self::OFFERS_AT_ONCE) as $some) {
            $sums = $this->db->table('result_days')->whereIn('offer_id', $some)->where('kind', EventKind::Click->value)->where('day', '>=', $first)->groupBy('offer_id')->selectRaw('offer_id, SUM(acts) AS clicks')->pluck('clicks', 'offer_id');
            // One after the other, so that whoever saves one waits for no other.
            foreach ($some as $id) {
                $this->db->update('UPDATE offers SET clicks_lately = ? WHERE id = ? AND clicks_lately <> ?', [$sums[$id] ?? 0, $id, $sums[$id] ?? 0]);
            }
        }
    }

    private function today(Shop $shop): CarbonImmutable
    {
        return $this->clock->now()->setTimezone($shop->timezone ?? 'UTC');
    }
}
