<?php

declare(strict_types=1);

namespace App\Shopfront;

use App\Models\LeadPicture;
use App\Models\OfferLine;
use App\Models\Shop;
use App\Models\Variant;
use PaperKite\Time\Moment;
use PaperKite\Words\Wording;

/** One of the goods on the page of an offer. */
final readonly class OfferedGoods
{
    private function __construct(
        public OfferLine $line,
        public ?LeadPicture $picture,
        public string $price,
        /** What its variant is told by; blank where the shopper says which, or there is none. */
        public string $choices,
        public Questions $questions,
        /** When and where it takes place; blank where it does not. */
        public string $when,
    ) {}

    public static function of(OfferLine $line, Moment $at, Shop $shop): self
    {
        $product = $line->product;
        $variant = $line->variant;

        return new self(
            $line,
            $variant?->picture?->shown() ?? $product->lead(),
            self::price($line, $variant, $at, $shop->wording()),
            implode(', ', $variant->choices ?? []),
            Questions::ofLine($line, $at, $shop),
            $product->event($variant)?->shown($shop->zone(), $shop->wording()) ?? '',
        );
    }

    private static function price(OfferLine $line, ?Variant $variant, Moment $at, Wording $say): string
    {
        if ($line->product->kind->isElsewhere()) {
            return '';
        }
        $pick = $line->toCore()->pick;
        if ($line->amount_minor !== null) {
            return $line->product->money($line->amount_minor)->shown();
        }

        return $variant === null
            ? PriceTag::of($line->product, $at)->shown($say)
            : PriceTag::price($pick->product, $pick->variant, $at)->today->shown();
    }
}
