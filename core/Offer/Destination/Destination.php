<?php

declare(strict_types=1);

namespace PaperKite\Offer\Destination;

use PaperKite\Offer\Check\Check;
use PaperKite\Offer\OfferItem;
use PaperKite\Offer\Opening;
use PaperKite\Offer\Segment;
use PaperKite\Offer\Steps;
use PaperKite\Offer\TypicalBill;
use PaperKite\Quote\Receipt;
use PaperKite\Quote\ShopRules;
use PaperKite\Time\Moment;

/** What a click does: one of the classes beside this, and no other. Sentence, steps, checks and bill ask it. */
interface Destination
{
    /** @return list<OfferItem> what is sold here by it */
    public function items(): array;

    /** What its button says where nobody has written anything for it. */
    public function caption(): string;

    /**
     * @param  string  $shop  its name
     * @return list<string> captions that say where the click leads
     */
    public function captionIdeas(string $shop): array;

    /** @return list<Segment> what the shopper gets, and where they go: after "When someone clicks …, " */
    public function goes(Opening $opening): array;

    /**
     * @param  Receipt|null  $bill  `null` where it can't be told
     * @return string what they pay; blank where nothing is said of it
     */
    public function pays(?Receipt $bill): string;

    /** @return list<Segment> where it ends, without the full stop */
    public function ends(): array;

    /** @return string what the shopper gets, in a few words */
    public function goods(): string;

    /** @return string where they go, after "goes " */
    public function leads(): string;

    public function steps(Opening $opening): Steps;

    /**
     * What a shopper pays who takes this alone.
     *
     * @param  string  $country  ISO 3166-1 alpha-2
     */
    public function bill(ShopRules $shop, string $country, Moment $at): TypicalBill;

    /** @return string where and to whom it is paid that has no bill here; blank where it has one */
    public function paidElsewhere(): string;

    /** @return list<Check> what it is held to, beside what every offer is held to */
    public function checks(): array;
}
