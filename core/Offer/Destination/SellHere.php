<?php

declare(strict_types=1);

namespace PaperKite\Offer\Destination;

use PaperKite\Offer\Ask;
use PaperKite\Offer\CartUse;
use PaperKite\Offer\Check\AmountIsWithin;
use PaperKite\Offer\Check\AskIsAnswerable;
use PaperKite\Offer\Check\BillCanBeTold;
use PaperKite\Offer\Check\CountryIsServed;
use PaperKite\Offer\Check\DateIsAhead;
use PaperKite\Offer\Check\EachItem;
use PaperKite\Offer\Check\GoodsArePriced;
use PaperKite\Offer\Check\GoodsDiffer;
use PaperKite\Offer\Check\LandingIsAllowed;
use PaperKite\Offer\Check\QuantityIsInStock;
use PaperKite\Offer\Check\QuantityIsWhole;
use PaperKite\Offer\Check\SaleGoesOn;
use PaperKite\Offer\Check\ShopCanBePaid;
use PaperKite\Offer\Check\SomethingIsPaid;
use PaperKite\Offer\Check\TaxIsSet;
use PaperKite\Offer\Check\VariantIsThere;
use PaperKite\Offer\Clause\Clauses;
use PaperKite\Offer\OfferItem;
use PaperKite\Offer\Onwards;
use PaperKite\Offer\Opening;
use PaperKite\Offer\Purpose;
use PaperKite\Offer\Segment;
use PaperKite\Offer\Slot;
use PaperKite\Offer\Steps;
use PaperKite\Offer\TypicalBill;
use PaperKite\Quote\Receipt;
use PaperKite\Quote\ReceiptLine;
use PaperKite\Quote\ShopRules;
use PaperKite\Time\Moment;

/** The shop's own goods, into a cart of this shop. */
final readonly class SellHere implements Destination
{
    /** @param  non-empty-list<OfferItem>  $items */
    public function __construct(
        private array $items,
        public Onwards $onwards,
        public CartUse $cartUse,
        /** `null` where one click always adds the same number. */
        public ?Ask $ask,
        /** Where the shopper lands afterwards, as the seller wrote it; `null`: as the shop has it. */
        public ?string $landing,
    ) {}

    public function items(): array
    {
        return $this->items;
    }

    public function caption(): string
    {
        return $this->onwards->caption($this->purpose());
    }

    public function captionIdeas(string $shop): array
    {
        // What a name says before its first comma.
        $name = count($this->items) === 1 ? trim(explode(',', $this->items[0]->pick->product->name, 2)[0]) : null;

        return match (true) {
            $name !== null && $this->purpose() === Purpose::Give => ["Give to {$name}", 'Give what you like', "Give at {$shop}"],
            $this->onwards === Onwards::Pay => [$name === null ? 'Buy all of it now' : "Buy {$name} now", 'Straight to paying', "Pay at {$shop}"],
            $this->onwards === Onwards::Choose => [$name === null ? 'Choose from these' : "Choose your {$name}", "See it at {$shop}"],
            default => [$name === null ? 'Put all of it in the cart' : "Put {$name} in the cart", "Into the cart at {$shop}"],
        };
    }

    public function goes(Opening $opening): array
    {
        return [
            Segment::words('they get '),
            ...$this->saidGoods(),
            Segment::words(', go '),
            Segment::slot(Slot::Destination, $this->onwards->words()),
            ...($this->onwards === Onwards::Pay ? [Segment::words(' with '), Segment::slot(Slot::CartUse, $this->cartUse->words())] : []),
            Segment::words(', '),
            Segment::slot(Slot::Opening, $opening->words()),
        ];
    }

    public function pays(?Receipt $bill): string
    {
        if ($bill === null) {
            return ', and pay what the bill says there';
        }
        $about = $this->leavesAChoice() || $this->ask !== null ? 'for instance ' : '';
        $isSent = array_filter($bill->lines, static fn (ReceiptLine $line): bool => $line->pick->product->ships()) !== [];
        $shipping = ! $isSent ? '' : ($bill->shipping->fee->isZero() ? ', shipping included' : " + {$bill->shipping->fee->shown()} shipping");
        $tax = $bill->shop->tax->areContained || $bill->tax->isZero() ? '' : " + {$bill->tax->shown()} tax";

        return ", and pay {$about}{$bill->items->shown()}{$shipping}{$tax}";
    }

    public function ends(): array
    {
        return $this->onwards === Onwards::Stay
            ? [Segment::words('; they keep browsing at '), Segment::slot(Slot::Landing, $this->landing ?? 'our list of goods')]
            : [Segment::words('; then they land on '), Segment::slot(Slot::Landing, $this->landing ?? 'our thank-you page')];
    }

    public function goods(): string
    {
        $first = $this->items[0];
        $pieces = $first->pick->quantity->pieces === 1 || $this->ask !== null ? '' : "{$first->pick->quantity->pieces} × ";
        $choices = $first->choices() === '' ? '' : " ({$first->choices()})";
        $others = count($this->items) - 1;

        return "{$pieces}{$first->pick->product->name}{$choices}".match ($others) {
            0 => '',
            1 => ' and one more',
            default => " and {$others} more",
        };
    }

    public function leads(): string
    {
        return $this->onwards->words();
    }

    public function steps(Opening $opening): Steps
    {
        return Steps::selling($this->onwards, $opening, count($this->items), $this->ask !== null || $this->leavesAChoice());
    }

    public function bill(ShopRules $shop, string $country, Moment $at): TypicalBill
    {
        return TypicalBill::of($this->items, $shop, $country, $at);
    }

    public function paidElsewhere(): string
    {
        return '';
    }

    public function checks(): array
    {
        return [
            new EachItem(new QuantityIsWhole),
            new AskIsAnswerable,
            new EachItem(new VariantIsThere),
            new EachItem(new AmountIsWithin),
            new GoodsDiffer,
            new EachItem(new DateIsAhead),
            new EachItem(new QuantityIsInStock),
            new EachItem(new GoodsArePriced),
            new EachItem(new SomethingIsPaid),
            new TaxIsSet,
            new EachItem(new SaleGoesOn),
            new LandingIsAllowed($this->landing),
            new CountryIsServed,
            new BillCanBeTold,
            new ShopCanBePaid,
        ];
    }

    private function purpose(): Purpose
    {
        return Purpose::of(array_map(static fn (OfferItem $item): bool => $item->pick->product->kind->isGiven(), $this->items));
    }

    private function leavesAChoice(): bool
    {
        foreach ($this->items as $item) {
            if ($item->leavesAChoice()) {
                return true;
            }
        }

        return false;
    }

    /** @return list<Segment> */
    private function saidGoods(): array
    {
        $said = [];
        foreach ($this->items as $index => $item) {
            if ($index > 0) {
                $said[] = Segment::words($index === count($this->items) - 1 ? ' and ' : ', ');
            }
            array_push($said, ...Clauses::for($item)->segments($item, $index, $this->ask));
        }

        return $said;
    }
}
