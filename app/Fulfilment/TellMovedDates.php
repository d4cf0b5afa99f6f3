<?php

declare(strict_types=1);

namespace App\Fulfilment;

use App\Database\InTransaction;
use App\Messages\WriteMessage;
use App\Models\Order;
use App\Models\OrderLine;
use App\Models\Product;
use App\Models\Shop;
use App\Time\Clock;
use Illuminate\Database\Eloquent\Builder;
use PaperKite\Order\GoodsState;
use PaperKite\Order\MoneyState;

/** Tells those who have booked that its date or place is another now: once for each move, when the seller says so. */
final readonly class TellMovedDates
{
    public function __construct(
        private WriteMessage $writeMessage,
        private InTransaction $inTransaction,
        private Clock $clock,
    ) {}

    /** How many bookings have not been told. */
    public function count(Product $product): int
    {
        return count($this->untold($product, $this->lines($product)->get()->all()));
    }

    /** @return int how many were told now */
    public function __invoke(Shop $shop, Product $product): int
    {
        return ($this->inTransaction)(function () use ($shop, $product): int {
            $untold = $this->untold($product, $this->lines($product)->orderBy('id')->lockForUpdate()->get()->all());
            foreach ($untold as $line) {
                $line->update(['event_sequence' => $product->eventSequence($line->variant)]);
                $this->writeMessage->ofMovedDate($line->order->setRelation('shop', $shop), $line, $line->event()?->shown($shop->zone(), $shop->wording()) ?? '');
            }

            return count($untold);
        });
    }

    /** @return Builder<OrderLine> of orders that still stand */
    private function lines(Product $product): Builder
    {
        return OrderLine::query()->where('product_id', $product->id)->whereNotNull('begins_at')->where('begins_at', '>', $this->clock->now()->subYear())
            ->whereIn('order_id', Order::query()->where('shop_id', $product->shop_id)->where('goods_state', '<>', GoodsState::Cancelled)->whereNotIn('money_state', [MoneyState::Refunded, MoneyState::Voided])->select('id'))
            ->with(['variant', 'order']);
    }

    /**
     * @param  array<OrderLine>  $lines
     * @return list<OrderLine>
     */
    private function untold(Product $product, array $lines): array
    {
        return array_values(array_filter($lines, static fn (OrderLine $line): bool => $line->setRelation('product', $product)->isMoved()));
    }
}
