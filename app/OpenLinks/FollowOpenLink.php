<?php

declare(strict_types=1);

namespace App\OpenLinks;

use App\Carts\ApplyCoupon;
use App\Carts\Caller;
use App\Carts\CartOwner;
use App\Carts\TooManyCarts;
use App\Clicks\Did;
use App\Clicks\FillCart;
use App\Clicks\Filling;
use App\Clicks\LeadOut;
use App\Clicks\RecentClicks;
use App\Models\Product;
use App\Models\Shop;
use App\Results\CountedShop;
use App\Results\Labels;
use App\Results\RecordEvent;
use App\Results\Source;
use PaperKite\Link\OpenDestination;
use PaperKite\Link\OpenLink;
use PaperKite\Link\RestOfLink;
use PaperKite\Partner\Token;

/** What a click on an open link does: counts once, adds once, and leads on. */
final readonly class FollowOpenLink
{
    public function __construct(
        private FillCart $fill,
        private RecentClicks $recent,
        private RecordEvent $record,
        private ApplyCoupon $coupon,
        private Labels $labels,
        private LeadOut $leadOut,
    ) {}

    /**
     * @param  string  $digest  SHA-256 of the link as it was followed
     * @return OpenLinkEnd where the shopper goes on to; the address carries no instruction to add
     *
     * @throws TooManyCarts
     */
    public function __invoke(Shop $shop, OpenLink $link, OpenLinkGoods $taken, string $digest, CartOwner $owner, Caller $caller): OpenLinkEnd
    {
        // Asked before any transaction, which may run twice.
        $labelId = $this->labels->idOf($shop, $link->from);
        $click = $this->recent->isFirst("take {$digest}", $owner, $caller) ? Did::click(CountedShop::of($shop), Source::of(null, $labelId), $caller) : null;
        $to = $link->to ?? $shop->take_to;
        $toChoose = $to === OpenDestination::Choose ? $link->items : $taken->toChoose;
        $isToChooseFirst = $taken->ready === [] || $to === OpenDestination::Choose;
        // A coupon is tried where goods go into a cart with it.
        $coupon = $isToChooseFirst ? $link->coupon : $this->coupon->byLink($link->coupon, $owner, $caller);
        $rest = new RestOfLink($toChoose, $to, $coupon, $link->back, $link->from);
        if ($isToChooseFirst) {
            if ($click !== null) {
                ($this->record)($click);
            }

            return new OpenLinkEnd($rest->nextPage() ?? '/cart', false);
        }
        $cart = ($this->fill)(CountedShop::of($shop), $owner, $caller, Filling::byLink($taken->ready, $rest->isAlone(), $digest, $labelId, $coupon, $link->back), $click);

        return new OpenLinkEnd(self::onwards($shop, $cart->ref, $rest, $coupon !== $link->coupon), true);
    }

    /**
     * Of a link to what a partner sells. Its label, which anybody can type, stands for a number of the shop's own.
     *
     * @return string|null the address; `null` where there is none for this shopper
     */
    public function out(Shop $shop, OpenLink $link, Product $product, string $digest, CartOwner $owner, Caller $caller): ?string
    {
        $labelId = $this->labels->idOf($shop, $link->from);
        $source = Source::of(null, $labelId);
        if ($this->recent->isFirst("take {$digest}", $owner, $caller)) {
            ($this->record)(Did::click(CountedShop::of($shop), $source, $caller));
        }
        $subId = Token::of($labelId === null ? 'link' : 'from'.max(0, $labelId));

        return $this->leadOut->ofProduct($shop, $product, $source, $subId, $owner, $caller);
    }

    /**
     * To the next page on which there is something to choose, and from the last to where the link leads.
     *
     * @param  string  $ref  of the cart
     * @param  bool  $isCouponLeftOut  whether too many coupons were tried, which the page then says
     */
    public static function onwards(Shop $shop, string $ref, RestOfLink $rest, bool $isCouponLeftOut): string
    {
        $why = $isCouponLeftOut ? '?after=codes' : '';

        return ($rest->isAlone() ? $rest->in($ref) : $rest)->nextPage() ?? match ($rest->to) {
            OpenDestination::Pay => $shop->checkoutPath($ref).$why,
            OpenDestination::Stay => $rest->back !== null && $shop->checkout_rules->allows($rest->back) ? $rest->back : '/?after=added',
            OpenDestination::Cart, OpenDestination::Choose => "/cart{$why}",
        };
    }
}
