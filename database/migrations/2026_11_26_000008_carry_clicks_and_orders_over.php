<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What was counted before there were events. Killed anywhere, it can be run again: nothing is lost or counted twice. */
return new class extends Migration
{
    private const MOST_FOREIGN_LABELS = 500;

    public function up(): void
    {
        DB::transaction(function (): void {
            DB::table('events')->delete();
            DB::table('labels')->delete();
            $this->carryLabelsOver();
            foreach (DB::table('shops')->get(['id', 'timezone', 'currency']) as $shop) {
                /** @var object{id: int, timezone: string|null, currency: string} $shop */
                $this->carryOver($shop->id, $shop->timezone ?? 'UTC', $shop->currency);
            }
        });
        Schema::drop('clicks');
    }

    private function carryLabelsOver(): void
    {
        DB::statement('
            INSERT INTO labels (shop_id, text, is_own)
            SELECT shop_id, label, 0 FROM (
                SELECT shop_id, label, ROW_NUMBER() OVER (PARTITION BY shop_id ORDER BY COUNT(*) DESC, label) AS place
                FROM clicks WHERE label IS NOT NULL GROUP BY shop_id, label
            ) AS counted WHERE place <= ?', [self::MOST_FOREIGN_LABELS]);
    }

    /** Each part of the shop's time with one distance from UTC by itself: a database need not know the zones. */
    private function carryOver(int $shop, string $zone, string $currency): void
    {
        $zone = new DateTimeZone($zone);
        $parts = $zone->getTransitions((int) strtotime('2020-01-01 UTC'), time()) ?: [['ts' => 0, 'offset' => $zone->getOffset(new DateTimeImmutable)]];
        foreach ($parts as $i => $part) {
            $from = $i === 0 ? '1970-01-01 00:00:00' : gmdate('Y-m-d H:i:s', $part['ts']);
            $until = isset($parts[$i + 1]) ? gmdate('Y-m-d H:i:s', $parts[$i + 1]['ts']) : '9999-12-31 00:00:00';
            $this->clicks($shop, $part['offset'], $from, $until, $currency);
            $this->orders($shop, $part['offset'], $from, $until);
        }
    }

    private function clicks(int $shop, int $offset, string $from, string $until, string $currency): void
    {
        DB::insert("
            INSERT INTO events (shop_id, kind, day, hour, offer_id, placement_id, label_id, country, device, currency, is_act, pieces, value_minor, profit_minor)
            SELECT clicks.shop_id, 2, DATE(hour + INTERVAL ? SECOND), HOUR(hour + INTERVAL ? SECOND), COALESCE(offer_id, 0), COALESCE(placement_id, 0),
                IF(label IS NULL, 0, COALESCE(labels.id, -1)), COALESCE(country, ''), FIELD(device, 'phone', 'tablet', 'desktop'), ?, 1, 0, 0, 0
            FROM clicks LEFT JOIN labels ON labels.shop_id = clicks.shop_id AND labels.text = clicks.label
            WHERE clicks.shop_id = ? AND hour >= ? AND hour < ?", [$offset, $offset, $currency, $shop, $from, $until]);
    }

    private function orders(int $shop, int $offset, string $from, string $until): void
    {
        DB::insert('
            INSERT INTO events (shop_id, kind, day, hour, offer_id, placement_id, product_id, country, device, currency, is_act, pieces, value_minor, profit_minor)
            SELECT shop_id, 5, DATE(placed_at + INTERVAL ? SECOND), HOUR(placed_at + INTERVAL ? SECOND), offer_id, placement_id, product_id, country, 0, currency,
                ROW_NUMBER() OVER (PARTITION BY order_id, placement_id ORDER BY first_line) = 1, pieces, value_minor, profit_minor
            FROM (
                SELECT orders.shop_id, orders.placed_at, orders.country, orders.currency, orders.id AS order_id, COALESCE(placements.offer_id, 0) AS offer_id,
                    COALESCE(order_lines.placement_id, 0) AS placement_id, order_lines.product_id, MIN(order_lines.id) AS first_line, SUM(order_lines.quantity) AS pieces,
                    SUM(order_lines.subtotal_minor - order_lines.discount_minor) AS value_minor, SUM(COALESCE(order_lines.profit_minor, 0)) AS profit_minor
                FROM orders JOIN order_lines ON order_lines.order_id = orders.id LEFT JOIN placements ON placements.id = order_lines.placement_id
                WHERE orders.shop_id = ? AND orders.placed_at >= ? AND orders.placed_at < ?
                GROUP BY orders.id, orders.shop_id, orders.placed_at, orders.country, orders.currency, placements.offer_id, order_lines.placement_id, order_lines.product_id
            ) AS sold ORDER BY first_line', [$offset, $offset, $shop, $from, $until]);
    }
};
