<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\FrozenCheckoutCast;
use Illuminate\Contracts\Database\Eloquent\Castable;
use PaperKite\Checkout\ShopperDetails;
use PaperKite\Quote\Because;
use PaperKite\Quote\Receipt;
use PaperKite\Words\Said;

/** The bill and the shopper as they were when the payment was opened: all that an order is written from. */
final readonly class FrozenCheckout implements Castable
{
    /**
     * @param  list<FrozenLine>  $lines
     * @param  array<string, Said>  $reasons  why each amount is what it is
     */
    public function __construct(
        public array $lines,
        public ShopperDetails $shopper,
        public int $itemsMinor,
        public int $discountMinor,
        public int $shippingMinor,
        public int $taxMinor,
        public bool $taxIsContained,
        public int $profitMinor,
        public ?int $couponId,
        public ?string $couponCode,
        public array $reasons,
        /** Of the tax, what is on shipping; `null` where a former release froze it. */
        public ?int $shippingTaxMinor = null,
        /** In percent; `0` where shipping is not taxed. */
        public ?string $shippingTaxRate = null,
        /** Of the total, what is due when it is ordered; `null` where a former release froze it: all of it. */
        public ?int $dueNowMinor = null,
        /** ISO 4217; `null` where a former release froze it: the shop’s. */
        public ?string $currency = null,
        /** @var list<FrozenCard> what gift cards pay, in the order of their use */
        public array $cards = [],
    ) {}

    public function totalMinor(): int
    {
        return $this->itemsMinor - $this->discountMinor + $this->shippingMinor + ($this->taxIsContained ? 0 : $this->taxMinor);
    }

    public function cardsMinor(): int
    {
        return array_sum(array_map(static fn (FrozenCard $card): int => $card->minor, $this->cards));
    }

    public function dueNow(): int
    {
        return $this->dueNowMinor ?? $this->totalMinor();
    }

    /** @param  list<FrozenCard>  $cards */
    public static function of(Cart $cart, Receipt $receipt, ShopperDetails $shopper, ?Coupon $coupon, array $cards = []): self
    {
        $because = Because::of($receipt);
        $applied = $receipt->discount->coupon !== null && $receipt->discount->refusal === null ? $coupon : null;

        return new self(
            lines: array_merge(...array_map(
                static fn (CartLine $line, int $i): array => FrozenLine::listOf($line, $receipt->lines[$i], $receipt),
                $cart->lines->values()->all(),
                array_keys($receipt->lines),
            )),
            shopper: $shopper,
            itemsMinor: $receipt->items->minor,
            discountMinor: $receipt->discount->total->minor,
            shippingMinor: $receipt->shipping->fee->minor,
            taxMinor: $receipt->tax->minor,
            taxIsContained: $receipt->shop->tax->areContained,
            profitMinor: $receipt->profit->minor,
            couponId: $applied?->id,
            couponCode: $applied?->code,
            reasons: array_filter(['discount' => $because->discount, 'shipping' => $because->shipping, 'tax' => $because->tax], static fn (?Said $said): bool => $said !== null),
            shippingTaxMinor: $receipt->shippingTax->minor,
            shippingTaxRate: $receipt->shop->tax->rate($receipt->country, $receipt->shop->shippingTaxClass)->text ?? '0',
            dueNowMinor: $receipt->dueNow->minor,
            currency: $receipt->shop->currency->code,
            cards: $cards,
        );
    }

    /** With nobody in it. */
    public function forgotten(): self
    {
        return new self(
            lines: array_map(static fn (FrozenLine $line): FrozenLine => $line->forgotten(), $this->lines),
            shopper: new ShopperDetails('', '', '', '', '', ''),
            itemsMinor: $this->itemsMinor,
            discountMinor: $this->discountMinor,
            shippingMinor: $this->shippingMinor,
            taxMinor: $this->taxMinor,
            taxIsContained: $this->taxIsContained,
            profitMinor: $this->profitMinor,
            couponId: $this->couponId,
            couponCode: $this->couponCode,
            reasons: $this->reasons,
            shippingTaxMinor: $this->shippingTaxMinor,
            shippingTaxRate: $this->shippingTaxRate,
            dueNowMinor: $this->dueNowMinor,
            currency: $this->currency,
            cards: $this->cards,
        );
    }

    /** @param  array<mixed>  $arguments */
    public static function castUsing(array $arguments): FrozenCheckoutCast
    {
        return new FrozenCheckoutCast;
    }
}
