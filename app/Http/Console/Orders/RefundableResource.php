<?php

declare(strict_types=1);

namespace App\Http\Console\Orders;

use App\Http\Console\Shared\Amount;
use App\Models\Order;
use App\Models\OrderLine;
use App\Refunds\ReadBalance;
use OpenApi\Attributes as OA;
use PaperKite\Refund\Left;

#[OA\Schema(schema: 'Refundable', description: 'What can still be given back of an order.')]
final readonly class RefundableResource
{
    /** @param  list<RefundableLineResource>  $lines */
    private function __construct(
        #[OA\Property(description: 'In all.')]
        public Amount $total,
        #[OA\Property]
        public Amount $shipping,
        #[OA\Property(type: 'array', items: new OA\Items(ref: RefundableLineResource::class))]
        public array $lines,
    ) {}

    /** @return self|null `null` where nothing can be given back */
    public static function of(Order $order): ?self
    {
        $balance = ReadBalance::of($order);
        if (! $order->money_state->isRefundable() || $balance->left->isZero()) {
            return null;
        }
        $left = static fn (OrderLine $line): Left => $balance->lines[$line->id];

        return new self(
            Amount::of($balance->left),
            Amount::of($balance->shipping->portion->amount),
            array_values($order->lines->map(static fn (OrderLine $line): RefundableLineResource => new RefundableLineResource($line->id, $line->name, $line->choices, $left($line)->pieces, Amount::of($left($line)->portion->amount)))->all()),
        );
    }
}
