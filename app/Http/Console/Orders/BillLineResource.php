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
            $line->line->product->name,
            implode(' · ', $line->line->variant->choices ?? []),
            $line->line->sku()->text,
            $picture,
            $line->line->quantity->pieces,
            0,
            Amount::of($line->unit->today),
            Amount::of($line->subtotal),
            LineBecause::of($line, $receipt)->unit ?? '',
        );
    }

    public static function ofOrder(OrderLine $line, Order $order): self
    {
        return new self(
            $line->name,
            $line->choices,
            $line->sku,
            $line->picture,
            $line->quantity,
            $line->back_ordered,
            Amount::of($order->money($line->unit_minor)),
            Amount::of($order->money($line->subtotal_minor)),
            $line->because,
        );
    }
}
