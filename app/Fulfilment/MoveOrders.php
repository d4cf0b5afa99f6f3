<?php

declare(strict_types=1);

namespace App\Fulfilment;

use App\Database\InTransaction;
use App\Messages\WriteMessage;
use App\Models\Order;
use App\Models\Person;
use App\Models\Shop;
use App\Time\Clock;
use PaperKite\Order\GoodsState;
use PaperKite\Order\Parcel;

/** Says of many orders at once how far their goods have come; the shopper is told once that they were sent. */
final readonly class MoveOrders
{
    public const MOST_AT_ONCE = 200;

    public function __construct(
        private WriteMessage $writeMessage,
        private InTransaction $inTransaction,
        private Clock $clock,
    ) {}

    /**
     * @param  list<int>  $numbers  of orders of the shop
     * @return array<int, string> why an order stayed as it was, by its number; what is so already is no reason
     */
    public function __invoke(Shop $shop, array $numbers, GoodsState $to, Parcel $parcel, ?Person $person): array
    {
        return ($this->inTransaction)(function () use ($shop, $numbers, $to, $parcel, $person): array {
            $stayed = array_fill_keys($numbers, 'There is no such order in this shop.');
            foreach (Order::query()->where('shop_id', $shop->id)->whereIn('number', $numbers)->with('lines')->orderBy('id')->lockForUpdate()->get() as $order) {
                $stayed[$order->number] = $this->move($order->setRelation('shop', $shop), $to, $parcel, $person);
            }

            return array_filter($stayed, is_string(...));
        });
    }

    /** @return string|null why it stayed as it was */
    private function move(Order $order, GoodsState $to, Parcel $parcel, ?Person $person): ?string
    {
        if ($order->goods_state === $to) {
            return null;
        }
        if (! $order->goods_state->canBecome($to)) {
            return $order->goods_state->objectionTo($to);
        }
        $order->update(['goods_state' => $to]);
        $step = $order->steps()->create([
            'person_id' => $person?->id, 'goods_state' => $to, 'carrier' => $to === GoodsState::Sent ? $parcel->carrier : '', 'tracking' => $to === GoodsState::Sent ? $parcel->tracking : '', 'at' => $this->clock->now(),
        ]);
        if ($to === GoodsState::Sent) {
            $this->writeMessage->ofSending($order, $step);
        }

        return null;
    }
}
