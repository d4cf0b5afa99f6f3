<?php

declare(strict_types=1);

namespace App\Results;

use App\Database\Contention;
use App\Time\Clock;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Debug\ExceptionHandler;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\QueryException;

/**
 * Writes events down, with day and hour by the shop's zone: past ones could not be re-dated.
 *
 * An event of several products is a row for each, of which the first alone stands for the act: the rows of a product
 * tell how often it was meant, the acts how often something was done.
 *
 * A sale is worth more than its count: where that can't be written, the shopper goes on.
 */
final readonly class RecordEvent
{
    public function __construct(
        private ConnectionInterface $db,
        private Clock $clock,
        private ExceptionHandler $exceptions,
    ) {}

    public function __invoke(Event ...$events): void
    {
        $this->at($this->clock->now(), ...$events);
    }

    public function at(CarbonImmutable $moment, Event ...$events): void
    {
        $rows = array_merge(...array_map(fn (Event $event): array => $this->rows($event, $moment), array_values($events)));
        if ($rows === []) {
            return;
        }
        try {
            $this->db->table('events')->insert($rows);
        } catch (QueryException $failure) {
            // What ends the transaction is the transaction's to answer.
            if (Contention::of($failure) !== null) {
                throw $failure;
            }
            $this->exceptions->report($failure);
        }
    }

    /** @return list<array<string, int|string|bool>> */
    private function rows(Event $event, CarbonImmutable $moment): array
    {
        $there = $moment->setTimezone($event->shop->timezone ?? 'UTC');
        $row = [
            'shop_id' => $event->shop->id,
            'kind' => $event->kind->value,
            'day' => $there->toDateString(),
            'hour' => $there->hour,
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
