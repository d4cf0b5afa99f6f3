<?php

declare(strict_types=1);

namespace PaperKite\Quote;

use PaperKite\Catalogue\Pick;
use PaperKite\Time\Day;
use PaperKite\Time\Moment;

/** All that a quote depends on; there is nothing besides. */
final readonly class QuoteRequest
{
    /**
     * @param  list<Pick>  $cart
     * @param  list<GiftCard>  $giftCards
     */
    public function __construct(
        public ShopRules $shop,
        public array $cart,
        /** Where it goes: ISO 3166-1 alpha-2. */
        public string $country,
        public Moment $at,
        public ?Coupon $coupon = null,
        public array $giftCards = [],
    ) {}

    /** In the shop's time zone. */
    public function today(): Day
    {
        return $this->at->dayIn($this->shop->timezone);
    }
}
