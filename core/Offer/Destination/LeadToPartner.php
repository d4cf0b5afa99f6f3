<?php

declare(strict_types=1);

namespace PaperKite\Offer\Destination;

use PaperKite\Offer\Check\CaptionNamesPartner;
use PaperKite\Offer\Check\EverybodyIsSent;
use PaperKite\Offer\Check\PartnerHasIt;
use PaperKite\Offer\Check\PartnerIdIsSet;
use PaperKite\Offer\Opening;
use PaperKite\Offer\PartnerGoods;
use PaperKite\Offer\Segment;
use PaperKite\Offer\Slot;
use PaperKite\Offer\Steps;
use PaperKite\Offer\TypicalBill;
use PaperKite\Quote\Receipt;
use PaperKite\Quote\ShopRules;
use PaperKite\Time\Moment;

/** A partner's goods, at the marketplace of the shopper's country. */
final readonly class LeadToPartner implements Destination
{
    public function __construct(private PartnerGoods $goods) {}

    public function items(): array
    {
        return [];
    }

    public function caption(): string
    {
        return "See it at {$this->goods->partner()}";
    }

    public function captionIdeas(string $shop): array
    {
        // What a name says before its first comma.
        $name = trim(explode(',', $this->goods->name, 2)[0]);

        return [$this->caption(), "{$name} at {$this->goods->partner()}", "Look at {$name}"];
    }

    public function goes(Opening $opening): array
    {
        return [
            Segment::words('they are shown '),
            Segment::slot(Slot::Product, $this->goods->name, 0),
            Segment::words(', go to '),
            Segment::slot(Slot::Destination, lcfirst($this->caption())),
            Segment::words(', '),
            Segment::slot(Slot::Opening, $opening->words()),
        ];
    }

    public function pays(?Receipt $bill): string
    {
        return ', and pay what it costs there';
    }

    public function ends(): array
    {
        return [];
    }

    public function goods(): string
    {
        return $this->goods->name;
    }

    public function leads(): string
    {
        return "to {$this->goods->partner()}";
    }

    public function steps(Opening $opening): Steps
    {
        return Steps::out($this->goods->partner(), $opening);
    }

    public function bill(ShopRules $shop, string $country, Moment $at): TypicalBill
    {
        return TypicalBill::none();
    }

    public function paidElsewhere(): string
    {
        return "Nothing is paid here: {$this->goods->partner()} sells it, and credits the sale to you.";
    }

    public function checks(): array
    {
        return [new PartnerIdIsSet($this->goods), new EverybodyIsSent($this->goods), new PartnerHasIt($this->goods), new CaptionNamesPartner($this->goods)];
    }
}
