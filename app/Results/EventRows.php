<?php

declare(strict_types=1);

namespace App\Results;

use DateTimeImmutable;
use DateTimeZone;

/**
 * Events as the table has them, with day and hour by the shop's zone: past ones could not be re-dated.
 *
 * An event of several products is a row for each, of which the first alone stands for the act: the rows of a product
 * tell how often it was meant, the acts how often something was done.
 */
final class EventRows
{
    /** @return list<array<string, int|string|bool>> */
    public static function of(Event $event, DateTimeImmutable $moment): array
    {
        // By what PHP has itself: a shopper waits for it, and in a request of its own that takes a sixth of the time.
        $there = DateTimeImmutable::createFromInterface($moment)->setTimezone(new DateTimeZone($event->shop->timezone));
        $row = [
            'shop_id' => $event->shop->id,
            'kind' => $event->kind->value,
            'day' => $there->format('Y-m-d'),
            'hour' => (int) $there->format('G'),
            'offer_id' => $event->source->offerId ?? 0,
            'placement_id' => $event->source->placementId ?? 0,
            'marketplace_id' => $event->marketplaceId,
            'label_id' => $event->source->labelId ?? 0,
            'country' => $event->country ?? '',
            'device' => $event->device?->number() ?? 0,
            'currency' => $event->shop->currency,
        ];
        $goods = $event->goods === [] ? [new EventGoods(0)] : $event->goods;

        return array_map(static fn (EventGoods $each, int $i): array => $row + [
            'is_act' => $i === 0,
            'product_id' => $each->productId,
            'pieces' => $each->pieces,
            'value_minor' => $each->valueMinor,
            'profit_minor' => $each->profitMinor,
        ], $goods, array_keys($goods));
    }
}
