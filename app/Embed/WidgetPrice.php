<?php

declare(strict_types=1);

namespace App\Embed;

use App\Models\Offer;
use App\Models\OfferLine;
use App\Shopfront\PriceTag;
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
        $isOpen = $offer->lines->contains(static fn (OfferLine $line): bool => $line->leavesAmountOpen() || $line->product->kind->isElsewhere());
        if ($isOpen || $offer->lines->isEmpty() || $offer->leadsOut()) {
            return null;
        }
        $isEach = $offer->ask() !== null;
        $tags = array_values($offer->lines->map(static fn (OfferLine $line): array => self::ofLine($line, $isEach ? 1 : $line->quantity, $at))->all());
        $currency = $tags[0][0]->currency;
        $sum = Money::sum(array_column($tags, 0), $currency);
        $varies = in_array(true, array_column($tags, 2), true);
        $before = Money::sum(array_column($tags, 1), $currency);

        return self::made($sum, $varies || $before->equals($sum) ? null : $before, $varies, $isEach);
    }

    /** @return array{Money, Money, bool} what it costs now, what it costs without a sale, and whether other choices cost more */
    private static function ofLine(OfferLine $line, int $pieces, Moment $at): array
    {
        if ($line->amount_minor !== null) {
            $given = $line->product->money($line->amount_minor);

            return [$given, $given, false];
        }
        if ($line->leavesVariantOpen()) {
            $tag = PriceTag::of($line->product, $at);

            return [$tag->lowest->multipliedBy($pieces), ($tag->regular ?? $tag->lowest)->multipliedBy($pieces), $tag->varies];
        }
        $pick = $line->toCore()->pick;
        $unit = PriceTag::price($pick->product, $pick->variant, $at);

        return [$unit->today->multipliedBy($pieces), ($unit->beforeSale() ?? $unit->today)->multipliedBy($pieces), false];
    }

    private static function made(Money $amount, ?Money $regular, bool $varies = false, bool $isEach = false): self
    {
        return new self($amount->decimal(), $regular?->decimal(), $amount->currency->code, $amount->currency->digits, $varies, $isEach);
    }
}
