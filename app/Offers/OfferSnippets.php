<?php

declare(strict_types=1);

namespace App\Offers;

use App\Looks\LookBook;
use App\Models\Look;
use App\Models\Offer;
use App\Models\OfferLine;
use App\Models\Placement;
use App\Models\Product;
use App\Models\Shop;
use App\Shopfront\PartnerTag;
use PaperKite\Catalogue\Pick;
use PaperKite\Medium\CopiedSheet;
use PaperKite\Medium\HtmlButton;
use PaperKite\Medium\Media;
use PaperKite\Medium\PartnerNote;
use PaperKite\Medium\Placed;
use PaperKite\Medium\PlacedGoods;
use PaperKite\Money\Money;
use PaperKite\Offer\ButtonState;
use PaperKite\Offer\Opening;
use PaperKite\Quote\UnitPrice;
use PaperKite\Quote\UnpricedLine;
use PaperKite\Time\Moment;

/** What is pasted for each placement of an offer, as the offer is now. */
final readonly class OfferSnippets
{
    /** @param  list<Money>  $prices  of one piece of each of its goods; none where one of them has no price */
    private function __construct(
        private Offer $offer,
        private Shop $shop,
        private LookBook $looks,
        private array $prices,
        private Moment $at,
    ) {}

    /** @param  Offer  $offer  with all that its sentence needs */
    public static function of(Offer $offer, Shop $shop, LookBook $looks, Moment $at): self
    {
        // What goods cost does not depend on where they go, or whether they can.
        try {
            $prices = array_map(static fn (Pick $pick): Money => UnitPrice::of($pick, $at)->today, $offer->toCore($shop, '')->picks());
        } catch (UnpricedLine) {
            $prices = [];
        }

        return new self($offer, $shop, $looks, $prices, $at);
    }

    public function snippet(Placement $placement): string
    {
        return Media::get($placement->medium)->snippet($this->placed($placement));
    }

    public function digest(Placement $placement): string
    {
        return hash('sha256', $this->snippet($placement));
    }

    /** Whether what was copied no longer says what the offer says. What is live, or part of a table, is no copy of its own. */
    public function isStale(Placement $placement): bool
    {
        return $placement->copied !== null && $placement->price_table_id === null && ! Media::get($placement->medium)->isLive() && $this->digest($placement) !== $placement->copied;
    }

    /** What it wears. */
    public function look(Placement $placement): Look
    {
        return $this->looks->at($placement, $this->offer);
    }

    /** @param  bool  $isDated  whether a partner's price stands with its day; without, it is the same for as long as it is seen unchanged */
    public function placed(Placement $placement, bool $isDated = true): Placed
    {
        $partner = $this->offer->partnerLine();
        $look = $this->looks->worn($placement, $this->offer);
        $goods = $partner === null ? $this->goodsOfShop() : [$this->goods($partner, null)];

        return new Placed(
            url: $placement->link($this->shop)->url(),
            caption: $placement->word(ButtonState::Idle, $this->offer, $this->shop),
            look: $look,
            opensNewTab: $this->offer->opening === Opening::NewTab,
            base: $this->shop->base(),
            goods: $goods,
            price: $partner === null && $goods !== [] ? $this->price() : null,
            isAvailable: ! $this->offer->isSoldOut() && ! $this->offer->holdsADraft(),
            partner: $partner === null ? null : $this->note($partner, $isDated),
            // A table is copied as a whole, without style sheets.
            sheet: $placement->brings_sheet && $placement->medium === (new HtmlButton)->key() ? CopiedSheet::of($look) : null,
            priceNote: $this->offer->addsTax($this->shop) ? $this->shop->wording()->say('price.plus_tax') : '',
        );
    }

    /** @return list<PlacedGoods> none where one of them has no price, or nothing is sold */
    private function goodsOfShop(): array
    {
        return $this->prices === [] || $this->offer->leadsOut() ? [] : array_values($this->offer->lines->values()->map(fn (OfferLine $line, int $index): PlacedGoods => $this->goods($line, $this->prices[$index]))->all());
    }

    /** @return Money|null `null` where the shopper says how much */
    private function price(): ?Money
    {
        $sum = $this->shop->money(0);
        foreach ($this->offer->lines->values() as $index => $line) {
            if ($line->leavesAmountOpen()) {
                return null;
            }
            $sum = $sum->plus($this->prices[$index]->multipliedBy($line->quantity));
        }

        return $sum;
    }

    /** Whether tax comes on top of any of its prices. */
    private function note(OfferLine $line, bool $isDated): PartnerNote
    {
        $tag = PartnerTag::of($line->product, null, $this->shop, $this->at);

        return new PartnerNote($tag->disclosure, $isDated ? $tag->price : $tag->undated);
    }

    private function picture(Product $product): ?string
    {
        $lead = $product->lead();

        return $lead === null ? null : $this->shop->base().$lead->path;
    }

    private function goods(OfferLine $line, ?Money $price): PlacedGoods
    {
        $product = $line->product;
        $event = $product->event($line->variant);

        return new PlacedGoods(
            $line->name(),
            $line->variant->sku ?? $product->sku,
            $product->summaryText(),
            $this->picture($product),
            $line->quantity,
            $price,
            $product->kind->isGiven(),
            $event === null ? null : gmdate(DATE_RFC3339, $event->begins->seconds),
            $event?->ends === null ? null : gmdate(DATE_RFC3339, $event->ends->seconds),
            $event->place ?? '',
        );
    }
}
