<?php

declare(strict_types=1);

namespace App\Http\Embed;

use App\Carts\CartRow;
use App\Carts\CartView;
use App\Models\Shop;
use OpenApi\Attributes as OA;
use PaperKite\Quote\BillRow;
use PaperKite\Quote\Fault;

#[OA\Schema(schema: 'ShownCart', description: 'A cart as the shop’s own page of it shows it: lines, bill and reasons, in the shop’s words.')]
final readonly class ShownCartResource
{
    /**
     * @param  list<ShownRowResource>  $rows
     * @param  list<ShownBillRowResource>  $bill
     * @param  list<string>  $faults
     */
    private function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: ShownRowResource::class))]
        public array $rows,
        #[OA\Property(description: 'None: it can’t be told.', type: 'array', items: new OA\Items(ref: ShownBillRowResource::class))]
        public array $bill,
        #[OA\Property(description: 'Why the bill can’t be told.', type: 'array', items: new OA\Items(type: 'string'))]
        public array $faults,
        #[OA\Property(description: 'Null: the shop has none in its cart.')]
        public ?ShownCouponResource $coupon,
        #[OA\Property(description: 'What was taken out last and can be put back, in a sentence; blank: nothing.')]
        public string $taken,
        #[OA\Property]
        public CartWordsResource $words,
    ) {}

    /**
     * @param  CartView|null  $view  `null`: nothing is in it
     * @param  list<string>  $taken  the names of what was taken out last
     * @param  array<int, string>  $errors  of what was typed, by line
     * @param  string|null  $couponError  of the code that was typed; `null`: none
     */
    public static function of(?CartView $view, Shop $shop, array $taken, array $errors, ?string $couponError): self
    {
        $say = $shop->wording();

        return new self(
            array_map(static fn (CartRow $row): ShownRowResource => ShownRowResource::of($row, $shop, $errors[$row->id] ?? null), $view->rows ?? []),
            $view === null ? [] : self::bill($view, $shop),
            array_map(static fn (Fault $fault): string => $fault->said?->in($say) ?? $fault->message, $view->bill->faults ?? []),
            $view === null || ! $shop->checkout_rules->couponPlace->isInCart() ? null : new ShownCouponResource(
                $view->couponCode === null ? '' : $say->say('coupon.in', code: $view->couponCode),
                $view->bill->couponFinding ?? '',
                $couponError ?? '',
            ),
            $taken === [] ? '' : $say->say('cart.taken', names: implode(', ', $taken)),
            CartWordsResource::of($shop),
        );
    }

    /** @return list<ShownBillRowResource> */
    private static function bill(CartView $view, Shop $shop): array
    {
        $bill = $view->bill->bill();
        $say = $shop->wording();
        $row = static fn (BillRow $row): ShownBillRowResource => ShownBillRowResource::of($row, $say);

        return $bill === null ? [] : [
            ...array_map($row, $bill->rows),
            new ShownBillRowResource($say->say('bill.total'), $bill->total->shown(), '', true),
            ...array_map($row, $bill->within),
        ];
    }
}
