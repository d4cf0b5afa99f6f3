<?php

declare(strict_types=1);

namespace App\Http\Console\Orders;

use App\Models\Download;
use App\Models\Order;
use App\Models\OrderLine;
use App\Models\Payment;
use App\Models\PaymentState;
use App\Models\Refund;
use DateTimeZone;
use OpenApi\Attributes as OA;
use PaperKite\Order\GoodsState;
use PaperKite\Time\Moment;

#[OA\Schema(schema: 'Order')]
final readonly class OrderResource
{
    /**
     * @param  list<string>  $address
     * @param  list<GoodsStateResource>  $next
     * @param  list<OrderStepResource>  $steps
     * @param  list<RefundResource>  $refunds
     * @param  list<DownloadResource>  $downloads
     * @param  list<OrderCardResource>  $gift_cards
     */
    private function __construct(
        #[OA\Property]
        public int $number,
        #[OA\Property(format: 'date-time')]
        public string $placed_at,
        #[OA\Property(description: 'When the money was taken; null while it is only held.', format: 'date-time')]
        public ?string $captured_at,
        #[OA\Property]
        public string $email,
        #[OA\Property(description: 'Line by line; none where nothing is sent.', type: 'array', items: new OA\Items(type: 'string'))]
        public array $address,
        #[OA\Property(description: 'Blank where none was given.')]
        public string $phone,
        #[OA\Property(description: 'Blank where there is none.')]
        public string $comment,
        #[OA\Property]
        public BillResource $bill,
        #[OA\Property(description: 'The provider’s id of the payment; null where nothing was to be paid.')]
        public ?string $payment,
        #[OA\Property]
        public GoodsStateResource $goods,
        #[OA\Property(description: 'What the goods can become next.', type: 'array', items: new OA\Items(ref: GoodsStateResource::class))]
        public array $next,
        #[OA\Property(description: 'What they became, the first first.', type: 'array', items: new OA\Items(ref: OrderStepResource::class))]
        public array $steps,
        #[OA\Property]
        public MoneyStateResource $money,
        #[OA\Property(description: 'Steps of giving money back, the first first.', type: 'array', items: new OA\Items(ref: RefundResource::class))]
        public array $refunds,
        #[OA\Property(description: 'Null where nothing can be given back.')]
        public ?RefundableResource $refundable,
        #[OA\Property(description: 'Null where it can’t be cancelled.')]
        public ?CancellingResource $cancelling,
        #[OA\Property(description: 'Links to files that were bought.', type: 'array', items: new OA\Items(ref: DownloadResource::class))]
        public array $downloads,
        #[OA\Property(description: 'Gift cards that were sold by it, that paid it, or onto which money came back.', type: 'array', items: new OA\Items(ref: OrderCardResource::class))]
        public array $gift_cards,
        #[OA\Property(description: 'Of the seller, for themselves; blank where there is none.')]
        public string $note,
        #[OA\Property(description: 'Of the note: the version that a change of it begins with.')]
        public int $version,
    ) {}

    /** @param  Order  $order  with all that `ShowOrder` reads */
    public static function of(Order $order, int $version, DateTimeZone $zone, Moment $now): self
    {
        return new self(
            number: $order->number,
            placed_at: $order->placed_at->toIso8601ZuluString(),
            captured_at: $order->captured_at?->toIso8601ZuluString(),
            email: $order->email,
            address: $order->address(),
            phone: $order->phone,
            comment: $order->comment,
            bill: BillResource::of(
                $order->bill(),
                $zone,
                array_values($order->lines->map(static fn (OrderLine $line): string => $line->picture)->all()),
                array_values($order->lines->map(static fn (OrderLine $line): array => $line->attendees ?? [])->all()),
            ),
            payment: $order->payments->first(static fn (Payment $payment): bool => in_array($payment->state, [PaymentState::Authorised, PaymentState::Captured], true))?->provider_id,
            goods: GoodsStateResource::of($order->goods_state),
            next: array_map(GoodsStateResource::of(...), array_values(array_filter($order->goods_state->next(), static fn (GoodsState $state): bool => $state !== GoodsState::Cancelled))),
            steps: array_values($order->steps->map(OrderStepResource::of(...))->all()),
            money: MoneyStateResource::of($order->money_state),
            refunds: array_values($order->refunds->map(static fn (Refund $refund): RefundResource => RefundResource::of($order, $refund))->all()),
            refundable: RefundableResource::of($order),
            cancelling: CancellingResource::of($order),
            downloads: array_values($order->downloads->map(static fn (Download $download): DownloadResource => DownloadResource::of($download, $now))->all()),
            gift_cards: OrderCardResource::all($order),
            note: $order->note,
            version: $version,
        );
    }
}
