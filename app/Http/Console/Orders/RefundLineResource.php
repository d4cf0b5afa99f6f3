<?php

declare(strict_types=1);

namespace App\Http\Console\Orders;

use App\Http\Console\Shared\Amount;
use App\Models\Order;
use App\Models\OrderLine;
use OpenApi\Attributes as OA;
use PaperKite\Refund\Share;

#[OA\Schema(schema: 'RefundLine', description: 'What is given back of a line, or of shipping.')]
final readonly class RefundLineResource
{
    private function __construct(
        #[OA\Property(description: 'What it is: its name with the choices made, or “Shipping”.')]
        public string $name,
        #[OA\Property(description: 'Pieces that come back; 0 for a part of an amount, and for shipping.')]
        public int $pieces,
        #[OA\Property]
        public Amount $amount,
    ) {}

    /** @param  int|null  $lineId  `null`: shipping */
    public static function of(Order $order, ?int $lineId, Share $share): self
    {
        $line = $order->lines->first(static fn (OrderLine $one): bool => $one->id === $lineId);

        return new self($line === null ? 'Shipping' : $line->name.($line->choices === '' ? '' : " ({$line->choices})"), $share->pieces, Amount::of($share->portion->amount));
    }
}
