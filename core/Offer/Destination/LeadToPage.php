<?php

declare(strict_types=1);

namespace PaperKite\Offer\Destination;

use PaperKite\Offer\Check\PageIsAllowed;
use PaperKite\Offer\Opening;
use PaperKite\Offer\Segment;
use PaperKite\Offer\Slot;
use PaperKite\Offer\Steps;
use PaperKite\Offer\TypicalBill;
use PaperKite\Quote\Receipt;
use PaperKite\Quote\ShopRules;
use PaperKite\Time\Moment;

/** A page of the seller's own, at a host that they have listed. */
final readonly class LeadToPage implements Destination
{
    /** @param  string  $address  as the seller wrote it; blank: not yet */
    public function __construct(private string $address) {}

    public function items(): array
    {
        return [];
    }

    public function caption(): string
    {
        return 'Read more';
    }

    public function captionIdeas(string $shop): array
    {
        return ['Have a look', "More from {$shop}"];
    }

    public function goes(Opening $opening): array
    {
        return [
            Segment::words('they go to '),
            Segment::slot(Slot::Destination, $this->shown()),
            Segment::words(', '),
            Segment::slot(Slot::Opening, $opening->words()),
        ];
    }

    public function pays(?Receipt $bill): string
    {
        return '';
    }

    public function ends(): array
    {
        return [];
    }

    public function goods(): string
    {
        return 'nothing, they read on';
    }

    public function leads(): string
    {
        return "to {$this->shown()}";
    }

    public function steps(Opening $opening): Steps
    {
        return Steps::out($this->shown(), $opening);
    }

    public function bill(ShopRules $shop, string $country, Moment $at): TypicalBill
    {
        return TypicalBill::none();
    }

    public function paidElsewhere(): string
    {
        return 'Nothing is paid: the click leads to a page of yours.';
    }

    public function checks(): array
    {
        return [new PageIsAllowed($this->address)];
    }

    private function shown(): string
    {
        return $this->address === '' ? 'a page of your own' : $this->address;
    }
}
