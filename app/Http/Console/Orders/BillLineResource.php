<?php

declare(strict_types=1);

namespace App\Http\Console\Orders;

use App\Http\Console\Shared\Amount;
use App\Models\Order;
use App\Models\OrderLine;
use OpenApi\Attributes as OA;
use PaperKite\Quote\LineBecause;
use PaperKite\Quote\Receipt;
use PaperKite\Quote\ReceiptLine;

#[OA\Schema(schema: 'BillLine')]
final readonly class BillLineResource
{
    private function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property(description: 'The choices made; blank where there were none.')]
        public string $choices,
        #[OA\Property]
        public string $sku,
        #[OA\Property]
        public string $picture_path,
        #[OA\Property]
        public int $quantity,
        #[OA\Property(description: 'Of the quantity, pieces that were not on the shelf.')]
        public int $back_ordered,
        #[OA\Property]
        public Amount $unit,
        #[OA\Property]
        public Amount $subtotal,
        #[OA\Property(description: 'Why a piece costs what it costs; blank where nothing needs saying.')]
        public string $because,
    ) {}

    public static function ofReceipt(ReceiptLine $line, Receipt $receipt, string $picture): self
    {
        return new self(
            name: $line->pick->product->name,
            choices: implode(' · ', $line->pick->variant->choices ?? []),
            sku: $line->pick->sku()->text,
            picture_path: $picture,
            quantity: $line->pick->quantity->pieces,
            back_ordered: 0,
            unit: Amount::of($line->unit->today),
            subtotal: Amount::of($line->subtotal),
            because: LineBecause::of($line, $receipt)->unit ?? '',
        );
    }

    public static function ofOrder(OrderLine $line, Order $order): self
    {
        return new self(
            name: $line->name,
            choices: $line->choices,
            sku: $line->sku,
            picture_path: $line->picture,
            quantity: $line->quantity,
            back_ordered: $line->back_ordered,
            unit: Amount::of($order->money($line->unit_minor)),
            subtotal: Amount::of($order->money($line->subtotal_minor)),
            because: $line->because,
        );
    }
}
