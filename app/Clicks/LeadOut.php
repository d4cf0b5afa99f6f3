<?php

declare(strict_types=1);

namespace App\Clicks;

use App\Carts\Caller;
use App\Carts\CartOwner;
use App\Models\PartnerAddress;
use App\Models\Placement;
use App\Models\Product;
use App\Models\Shop;
use App\Results\CountedShop;
use App\Results\RecordEvent;
use App\Results\Source;
use PaperKite\Offer\Onwards;
use PaperKite\Partner\Token;

/**
 * Leads out of the shop: to the marketplace of the shopper's country, or to a page that the seller wrote down. What comes
 * with the request chooses among what is stored, and nothing of it enters the address.
 */
final readonly class LeadOut
{
    public function __construct(
        private RecentClicks $recent,
        private CountLedOn $count,
        private RecordEvent $record,
    ) {}

    /**
     * Of a click on a placement, which is counted.
     *
     * @return string|null the address; `null` where there is none for this shopper
     */
    public function byPlacement(Placement $placement, CartOwner $owner, Caller $caller): ?string
    {
        $partner = $placement->offer->partnerLine();
        $address = $partner === null ? null : self::addressOf($partner->product, $caller);
        $this->count->ofPlacement($placement, $owner, $caller, $address);
        if ($placement->offer->destination === Onwards::Page) {
            return $placement->offer->page !== null && $placement->shop->hasListed($placement->offer->page) ? $placement->offer->page : null;
        }

        return $partner === null ? null : $address?->outgoing(Token::of($placement->code), $partner->product->name);
    }

    /**
     * Of a button in the shop's own pages, or of a link by hand: it is no click of an offer.
     *
     * @param  Product  $product  of a partner, with its addresses
     * @param  Token  $subId  of the place that the shopper came from
     * @return string|null the address; `null` where there is none for this shopper
     */
    public function ofProduct(Shop $shop, Product $product, Source $source, Token $subId, CartOwner $owner, Caller $caller): ?string
    {
        $address = self::addressOf($product, $caller);
        if ($address !== null && $this->recent->isFirst("lead {$address->id} {$subId->text}", $owner, $caller)) {
            ($this->record)(Did::lead(CountedShop::of($shop), $source, $address, $caller));
        }

        return $address?->outgoing($subId, $product->name);
    }

    /** @return PartnerAddress|null where a shopper is led for it */
    public static function addressOf(Product $product, Caller $caller): ?PartnerAddress
    {
        $id = $product->route()->for($caller->country);
        $address = $id === null ? null : $product->addresses->firstWhere('id', $id);

        // Without an ID it would be somebody else's sale, or nobody's.
        return $address?->marketplace->own_id === null ? null : $address;
    }
}
