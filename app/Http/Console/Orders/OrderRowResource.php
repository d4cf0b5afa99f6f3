<?php

declare(strict_types=1);

namespace App\Http\Console\Orders;

use App\Http\Console\Shared\Amount;
use App\Models\Order;
use OpenApi\Attributes as OA;
use PaperKite\Order\GoodsState;

#[OA\Schema(schema: 'OrderRow', description: 'An order in the list.')]
final readonly class OrderRowResource
{
    private function __construct(
        #[OA\Property]
        public int $number,
        #[OA\Property(format: 'date-time')]
        public string $placed_at,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $goods,
        #[OA\Property]
        public Amount $total,
        #[OA\Property(ref: '#/components/schemas/GoodsState')]
        public GoodsState $goods_state,
        #[OA\Property(description: 'How far the goods have come, in words.')]
        public string $goods_label,
        #[OA\Property]
        public MoneyStateResource $money,
    ) {}

    public static function of(Order $order): self
    {
        $first = $order->lines->first();
        $others = $order->lines->count() - 1;

        return new self(
            $order->number,
            $order->placed_at->toIso8601ZuluString(),
            $order->shopper(),
            ($first === null ? '' : ($first->quantity > 1 ? "{$first->quantity} × " : '').$first->name).($others > 0 ? " and {$others} more" : ''),
            Amount::of($order->money($order->total_minor)),
            $order->goods_state,
            $order->goods_state->label(),
            MoneyStateResource::of($order->money_state),
        );
    }
}
