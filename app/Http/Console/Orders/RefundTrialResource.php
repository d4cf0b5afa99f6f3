<?php

declare(strict_types=1);

namespace App\Http\Console\Orders;

use App\Http\Console\Shared\Amount;
use App\Models\Order;
use OpenApi\Attributes as OA;
use PaperKite\Refund\GivenBack;
use PaperKite\Refund\Share;

#[OA\Schema(schema: 'RefundTrial', description: 'What giving money back would come to.')]
final readonly class RefundTrialResource
{
    /** @param  list<RefundLineResource>  $lines */
    private function __construct(
        #[OA\Property]
        public Amount $amount,
        #[OA\Property(type: 'array', items: new OA\Items(ref: RefundLineResource::class))]
        public array $lines,
        #[OA\Property(description: 'What will happen, to whom, and what of the tax changes.')]
        public string $sentence,
    ) {}

    public static function of(Order $order, GivenBack $step): self
    {
        return new self(
            Amount::of($step->amount),
            [
                ...array_map(static fn (int $line, Share $share): RefundLineResource => RefundLineResource::of($order, $line, $share), array_keys($step->lines), $step->lines),
                ...($step->shipping === null ? [] : [RefundLineResource::of($order, null, $step->shipping)]),
            ],
            WhereItGoes::sentence($order, $step->amount).($step->tax->isZero() ? '' : " The tax on this order falls by {$step->tax->shown()}.").' The shopper is told by mail. This can’t be taken back.',
        );
    }
}
