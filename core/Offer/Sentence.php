<?php

declare(strict_types=1);

namespace PaperKite\Offer;

use PaperKite\Quote\Receipt;

/** An offer said aloud. Desk, list and command line all show this one sentence. */
final readonly class Sentence
{
    /** @param  list<Segment>  $segments */
    private function __construct(public array $segments) {}

    /**
     * @param  Receipt|null  $bill  what a shopper pays who takes this offer alone; `null` where it can't be told
     * @param  list<string>  $places  names of the pages where the offer is placed
     */
    public static function of(Offer $offer, ?Receipt $bill, array $places): self
    {
        return new self([
            Segment::words('When someone clicks '),
            Segment::slot(Slot::Caption, $offer->caption()),
            ...self::where($places),
            Segment::words(', they get '),
            Segment::slot(Slot::Quantity, self::count($offer->quantity->pieces)),
            Segment::words(' × '),
            Segment::slot(Slot::Product, $offer->product->name),
            Segment::words($offer->leavesAChoice() && $offer->destination->addsAtOnce() ? ', choose which, go ' : ', go '),
            Segment::slot(Slot::Destination, $offer->destination->words()),
            ...self::company($offer),
            Segment::words(self::pay($offer, $bill).'; then they land on our thank-you page.'),
        ]);
    }

    public function text(): string
    {
        return implode('', array_map(static fn (Segment $segment): string => $segment->text, $this->segments));
    }

    /**
     * @param  list<string>  $places
     * @return list<Segment>
     */
    private static function where(array $places): array
    {
        $others = count($places) - 1;

        return match (true) {
            $places === [] => [],
            $others === 0 => [Segment::words(' on '), Segment::quoted($places[0])],
            $others === 1 => [Segment::words(' on '), Segment::quoted($places[0]), Segment::words(' and one other page')],
            default => [Segment::words(' on '), Segment::quoted($places[0]), Segment::words(" and {$others} other pages")],
        };
    }

    /** @return list<Segment> */
    private static function company(Offer $offer): array
    {
        return $offer->destination === Destination::Pay
            ? [Segment::words(' with '), Segment::slot(Slot::CartUse, $offer->cartUse->words())]
            : [];
    }

    private static function count(int $pieces): string
    {
        return $pieces === 1 ? 'one' : (string) $pieces;
    }

    private static function pay(Offer $offer, ?Receipt $bill): string
    {
        if ($bill === null) {
            return ' and pay what the bill says there';
        }
        $about = $offer->leavesAChoice() ? 'for instance ' : '';
        $shipping = $bill->shipping->fee->isZero() ? ', shipping included' : " + {$bill->shipping->fee->shown()} shipping";
        $tax = $bill->shop->tax->areContained || $bill->tax->isZero() ? '' : " + {$bill->tax->shown()} tax";

        return " and pay {$about}{$bill->items->shown()}{$shipping}{$tax}";
    }
}
