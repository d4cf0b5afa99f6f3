<?php

declare(strict_types=1);

namespace App\Shopfront;

use App\Models\OfferLine;
use App\Models\Variant;
use DateTimeZone;
use PaperKite\Time\Moment;
use PaperKite\Words\Wording;

/** One of the goods on the page of an offer. */
final readonly class OfferedGoods
{
    private function __construct(
        public OfferLine $line,
        public string $picture,
        public string $pictureText,
        public string $price,
        /** What its variant is told by; blank where the shopper says which, or there is none. */
        public string $choices,
        /** @var list<string> what is chosen at first where the shopper says which */
        public array $preselected,
        /** @var list<ChoiceView> none where nothing is to be chosen */
        public array $variants,
        /** When and where it takes place; blank where it does not. */
        public string $when,
    ) {}

    public static function of(OfferLine $line, Moment $at, DateTimeZone $zone, Wording $say): self
    {
        $product = $line->product;
        $variant = $line->variant;
        $lead = $product->lead();
        $mine = $line->leavesVariantOpen() ? $product->variants->firstWhere('is_preselected', true) : null;

        return new self(
            $line,
            $variant?->picture?->path() ?? $lead->path,
            $lead->alt,
            self::price($line, $variant, $at, $say),
            implode(', ', $variant->choices ?? []),
            $mine->choices ?? [],
            $line->leavesVariantOpen() ? ChoiceView::listOf($product, $at, $zone, $say) : [],
            $product->event($variant)?->shown($zone, $say) ?? '',
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
