<?php

declare(strict_types=1);

namespace App\Http\Console\Orders;

use App\Http\Console\Shared\Amount;
use App\Models\Order;
use App\Models\Refund;
use App\Models\RefundLine;
use OpenApi\Attributes as OA;
use PaperKite\Payment\RefundState;

#[OA\Schema(schema: 'Refund', description: 'One step of giving money of an order back.')]
final readonly class RefundResource
{
    /** @param  list<RefundLineResource>  $lines */
    private function __construct(
        #[OA\Property]
        public Amount $amount,
        #[OA\Property(description: 'Of the amount.')]
        public Amount $tax,
        #[OA\Property(ref: '#/components/schemas/RefundState')]
        public RefundState $state,
        #[OA\Property(description: 'The state in words.')]
        public string $label,
        #[OA\Property(description: 'Blank where none was given.')]
        public string $reason,
        #[OA\Property(description: 'Whether its pieces went back to the stock.')]
        public bool $is_restocked,
        #[OA\Property(format: 'date-time')]
        public string $at,
        #[OA\Property(description: 'Null: somebody who is gone, or a command.')]
        public ?string $person,
        #[OA\Property(type: 'array', items: new OA\Items(ref: RefundLineResource::class))]
        public array $lines,
    ) {}

    public static function of(Order $order, Refund $refund): self
    {
        return new self(
            Amount::of($order->money($refund->amount_minor)),
            Amount::of($order->money($refund->tax_minor)),
            $refund->state,
            $refund->state->label(),
            $refund->reason,
            $refund->is_restocked,
            ($refund->answered_at ?? $refund->asked_at)->toIso8601ZuluString(),
            $refund->person?->name,
            array_values($refund->lines->map(static fn (RefundLine $line): RefundLineResource => RefundLineResource::of($order, $line->order_line_id, $line->share($order)))->all()),
        );
    }
}
