<?php

declare(strict_types=1);

namespace App\Http\Console\Orders;

use App\Http\Console\Shared\Amount;
use App\Models\Order;
use App\Refunds\ReadBalance;
use OpenApi\Attributes as OA;
use PaperKite\Order\GoodsState;
use PaperKite\Order\MoneyState;

#[OA\Schema(schema: 'Cancelling', description: 'What cancelling an order does.')]
final readonly class CancellingResource
{
    private function __construct(
        #[OA\Property(description: 'What goes back of what was taken.')]
        public Amount $back,
        #[OA\Property(description: 'What will happen, and to whom.')]
        public string $sentence,
    ) {}

    /** @return self|null `null` where it can’t be cancelled */
    public static function of(Order $order): ?self
    {
        if (! $order->goods_state->canBecome(GoodsState::Cancelled)) {
            return null;
        }
        $isHeld = $order->money_state === MoneyState::Authorised;
        $back = $isHeld ? $order->money(0) : ReadBalance::of($order)->left;
        $money = match (true) {
            $isHeld => "{$order->money($order->due_now_minor)->shown()} that is held for you is let go.".($order->gift_cards_minor === 0 ? '' : " {$order->money($order->gift_cards_minor)->shown()} goes back onto the gift cards that paid it."),
            $back->isZero() => 'There is no money to give back.',
            default => WhereItGoes::sentence($order, $back),
        };

        return new self(Amount::of($back), "{$money} The shopper is told by mail. This can’t be taken back.");
    }
}
