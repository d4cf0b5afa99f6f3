<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Results\ClickTrace;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

final class ClickTraceTest extends TestCase
{
    public function test_clicks_are_counted_by_day_over_thirty_days(): void
    {
        $this->travelTo('2026-03-31 00:30:00');
        $shop = $this->shop();
        $placement = $this->placement($this->offer($this->product($shop)));
        $quiet = $this->placement($this->offer($this->product($shop)));
        foreach (['2026-03-31 00:00:00', '2026-03-30 23:00:00', '2026-03-30 01:00:00', '2026-03-02 00:00:00', '2026-03-01 23:00:00'] as $hour) {
            DB::table('clicks')->insert(['shop_id' => $shop->id, 'offer_id' => $placement->offer_id, 'placement_id' => $placement->id, 'device' => 'phone', 'hour' => $hour]);
        }

        $traces = app(ClickTrace::class)->ofOffers([$placement->offer_id, $quiet->offer_id]);

        self::assertSame([1, ...array_fill(0, 27, 0), 2, 1], $traces[$placement->offer_id]);
        self::assertSame(array_fill(0, 30, 0), $traces[$quiet->offer_id]);
    }

    public function test_no_offers_have_no_traces(): void
    {
        self::assertSame([], app(ClickTrace::class)->ofOffers([]));
    }
}
