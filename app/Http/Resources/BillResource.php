<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Order;
use App\Models\OrderLine;
use OpenApi\Attributes as OA;
use PaperKite\Quote\Receipt;
use PaperKite\Quote\ReceiptLine;

#[OA\Schema(schema: 'Bill', description: 'What the shopper pays, and why.')]
final readonly class BillResource
{
    /** @param  list<BillLineResource>  $lines */
    private function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: BillLineResource::class))]
        public array $lines,
        #[OA\Property]
        public Amount $items,
        #[OA\Property]
        public Amount $shipping,
        #[OA\Property]
        public string $shipping_because,
        #[OA\Property]
        public Amount $total,
    ) {}

    public static function ofReceipt(Receipt $receipt): self
    {
        return new self(
            array_map(static fn (ReceiptLine $line) => new BillLineResource($line->product->name, $line->product->sku->text, $line->product->picture->path(), $line->quantity, Amount::of($line->unit), Amount::of($line->subtotal)), $receipt->lines),
            Amount::of($receipt->items),
            Amount::of($receipt->shipping),
            $receipt->shippingBecause,
            Amount::of($receipt->total),
        );
    }

    public static function ofOrder(Order $order): self
    {
        return new self(
            array_values($order->lines->map(fn (OrderLine $line) => new BillLineResource($line->name, $line->sku, $line->picture->path(), $line->quantity, Amount::of($order->money($line->unit_minor)), Amount::of($order->money($line->subtotal_minor))))->all()),
            Amount::of($order->money($order->items_minor)),
            Amount::of($order->money($order->shipping_minor)),
            $order->shipping_because,
            Amount::of($order->money($order->total_minor)),
        );
    }
}
