<?php

declare(strict_types=1);

namespace App\Shopfront;

use App\Models\Offer;
use App\Models\OfferLine;
use PaperKite\Money\Money;
use PaperKite\Time\Moment;
use PaperKite\Words\Wording;

/** What one click on an offer comes to, without shipping. */
final readonly class OfferPrice
{
    private function __construct(
        public Money $sum,
        /** Without the sale; `null`: no sale is on, or other choices cost more. */
        public ?Money $regular,
        public bool $varies,
        /** Whether it is for one piece, of however many the shopper takes. */
        public bool $isEach,
    ) {}

    /**
     * @param  Offer  $offer  with its goods and their variants
     * @return self|null `null` where a partner asks for the money, or the shopper says how much
     */
    public static function of(Offer $offer, Moment $at): ?self
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

        return new self($sum, $varies || $before->equals($sum) ? null : $before, $varies, $isEach);
    }

    public function shown(Wording $say): string
    {
        return match (true) {
            $this->varies => $say->say('list.price_from', price: $this->sum),
            $this->isEach => $say->say('line.each', price: $this->sum),
            default => $this->sum->shown(),
        };
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
}
