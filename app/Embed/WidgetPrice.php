<?php

declare(strict_types=1);

namespace App\Embed;

use App\Models\Offer;
use App\Shopfront\OfferPrice;
use OpenApi\Attributes as OA;
use PaperKite\Money\Money;
use PaperKite\Quote\UnitPrice;
use PaperKite\Time\Moment;

#[OA\Schema(schema: 'WidgetPrice', description: 'An amount, which the page writes as its language does.')]
final readonly class WidgetPrice
{
    private function __construct(
        #[OA\Property(description: 'With a point, and as many decimals as the currency has.')]
        public string $amount,
        #[OA\Property(description: 'What it costs without the sale; null: no sale is on.')]
        public ?string $regular,
        #[OA\Property(description: 'ISO 4217.')]
        public string $currency,
        #[OA\Property]
        public int $decimals,
        #[OA\Property(description: 'Whether other choices cost more.')]
        public bool $varies,
        #[OA\Property(description: 'Whether it is for one piece, of however many the shopper takes.')]
        public bool $is_each,
    ) {}

    public static function ofAmount(Money $amount): self
    {
        return self::made($amount, null);
    }

    /** @param  int|null  $pieces  that the price is for; `null`: for one of however many the shopper takes */
    public static function ofUnit(UnitPrice $unit, ?int $pieces): self
    {
        $times = $pieces ?? 1;

        return self::made($unit->today->multipliedBy($times), $unit->beforeSale()?->multipliedBy($times), isEach: $pieces === null);
    }

    /** @return self|null what one click comes to, without shipping; `null` where a partner asks for the money, or the shopper says how much */
    public static function ofOffer(Offer $offer, Moment $at): ?self
    {
        $price = OfferPrice::of($offer, $at);

        return $price === null ? null : self::made($price->sum, $price->regular, $price->varies, $price->isEach);
    }

    private static function made(Money $amount, ?Money $regular, bool $varies = false, bool $isEach = false): self
    {
        return new self($amount->decimal(), $regular?->decimal(), $amount->currency->code, $amount->currency->digits, $varies, $isEach);
    }
}
