<?php

declare(strict_types=1);

namespace App\Clicks;

use App\Carts\Caller;
use App\Database\InTransaction;
use App\Models\Cart;
use App\Models\CartLine;
use App\Models\Shop;
use App\Results\EventGoods;
use App\Results\LineOfEvent;
use App\Results\RecordLines;
use Illuminate\Database\Eloquent\Collection;
use PaperKite\Results\EventKind;

/** Counts that a checkout was opened: once for what lies in it, however often it is looked at. */
final readonly class CountCheckout
{
    public function __construct(
        private RecordLines $record,
        private InTransaction $inTransaction,
    ) {}

    public function __invoke(Shop $shop, Cart $cart, Caller $caller): void
    {
        if ($cart->lines->every(static fn (CartLine $line): bool => $line->was_in_checkout)) {
            return;
        }
        ($this->inTransaction)(function () use ($shop, $cart, $caller): void {
            Cart::query()->whereKey($cart->id)->lockForUpdate()->first()?->update(['device' => $caller->device()->number()]);
            $lines = CartLine::query()->where(['cart_id' => $cart->id, 'was_in_checkout' => false])->without(['product', 'variant.picture'])->orderBy('id')->get();
            CartLine::query()->whereKey($lines->modelKeys())->update(['was_in_checkout' => true]);
            ($this->record)(EventKind::Checkout, $shop, $caller->country, $caller->device(), $this->told($lines));
        });
    }

    /**
     * @param  Collection<int, CartLine>  $lines
     * @return list<LineOfEvent>
     */
    private function told(Collection $lines): array
    {
        return array_values($lines->map(static fn (CartLine $line): LineOfEvent => new LineOfEvent(
            $line->placement_id, $line->offer_id, $line->label_id, new EventGoods($line->product_id, $line->quantity),
        ))->all());
    }
}
