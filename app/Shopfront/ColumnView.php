<?php

declare(strict_types=1);

namespace App\Shopfront;

use App\Models\OfferLine;
use App\Models\Placement;
use App\Models\Shop;
use PaperKite\Medium\ColumnWords;
use PaperKite\Time\Moment;

/** What a column of a price table says beside its price and its button. */
final readonly class ColumnView
{
    /**
     * @param  non-empty-list<string>|array{}  $names
     * @param  list<string>  $lines
     */
    private function __construct(
        public array $names,
        /** A blank one keeps its row free. */
        public array $lines,
        /** Beside the price; blank: nothing. */
        public string $priceNote,
        /** What a partner asks for it, with the day on which it was looked up; blank: nothing is said. */
        public string $partnerPrice,
        public string $disclosure,
    ) {}

    /** @param  Placement  $column  with its offer and the offer's goods */
    public static function of(Placement $column, Shop $shop, Moment $at): self
    {
        $words = ColumnWords::kept($column->column_name, $column->column_text);
        $offer = $column->offer;
        $say = $shop->wording();
        $partner = $offer->partnerLine();
        $tag = $partner === null ? null : PartnerTag::of($partner->product, null, $shop, $at);

        return new self(
            $words->name !== '' ? [$words->name] : array_values($offer->lines->map(static fn (OfferLine $line): string => ($line->quantity === 1 ? '' : "{$line->quantity} × ").$line->name())->all()),
            $words->lines,
            $offer->addsTax($shop) ? $say->say('price.plus_tax') : '',
            $tag->price ?? '',
            $tag->disclosure ?? '',
        );
    }
}
