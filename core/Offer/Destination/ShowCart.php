<?php

declare(strict_types=1);

namespace PaperKite\Offer\Destination;

use PaperKite\Offer\Check\AskIsAnswerable;
use PaperKite\Offer\Check\DestinationHasGoods;
use PaperKite\Offer\Check\LandingIsAllowed;
use PaperKite\Offer\Check\ShopCanBePaid;
use PaperKite\Offer\Onwards;
use PaperKite\Offer\Opening;
use PaperKite\Offer\Purpose;
use PaperKite\Offer\Segment;
use PaperKite\Offer\Slot;
use PaperKite\Offer\Steps;
use PaperKite\Offer\TypicalBill;
use PaperKite\Quote\Receipt;
use PaperKite\Quote\ShopRules;
use PaperKite\Time\Moment;

/** The shopper's cart as it is, to be seen or paid. */
final readonly class ShowCart implements Destination
{
    public function __construct(
        private Onwards $onwards,
        /** Where the shopper lands afterwards, as the seller wrote it; `null`: as the shop has it. */
        private ?string $landing,
    ) {}

    public function items(): array
    {
        return [];
    }

    public function caption(): string
    {
        return $this->onwards->caption(Purpose::SeeCart);
    }

    public function captionIdeas(string $shop): array
    {
        return ["Your cart at {$shop}", 'What is in my cart?'];
    }

    public function goes(Opening $opening): array
    {
        return [
            Segment::words('they get '),
            Segment::slot(Slot::Product, 'nothing new', 0),
            Segment::words(', go '),
            Segment::slot(Slot::Destination, $this->onwards->words()),
            Segment::words(', '),
            Segment::slot(Slot::Opening, $opening->words()),
        ];
    }

    public function pays(?Receipt $bill): string
    {
        return ', and pay for what is in their cart';
    }

    public function ends(): array
    {
        return [Segment::words('; then they land on '), Segment::slot(Slot::Landing, $this->landing ?? 'our thank-you page')];
    }

    public function goods(): string
    {
        return 'their cart as it is';
    }

    public function leads(): string
    {
        return $this->onwards->words();
    }

    public function steps(Opening $opening): Steps
    {
        return Steps::throughCart($this->onwards);
    }

    public function bill(ShopRules $shop, string $country, Moment $at): TypicalBill
    {
        return TypicalBill::none();
    }

    public function paidElsewhere(): string
    {
        return 'They pay for what is in their cart.';
    }

    public function checks(): array
    {
        return [new AskIsAnswerable, new DestinationHasGoods, new LandingIsAllowed($this->landing), new ShopCanBePaid];
    }
}
