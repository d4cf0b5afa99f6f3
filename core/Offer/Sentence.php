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
     * @param  Receipt  $bill  what a shopper pays who takes this offer alone
     * @param  list<string>  $places  names of the pages where the offer is placed
     */
    public static function of(Offer $offer, Receipt $bill, array $places): self
    {
        return new self([
            Segment::words('When someone clicks '),
            Segment::slot(Slot::Caption, $offer->caption()),
            ...self::where($places),
            Segment::words(', they get '),
            Segment::slot(Slot::Quantity, self::count($offer->quantity->pieces)),
            Segment::words(' × '),
            Segment::slot(Slot::Product, $offer->product->name),
            Segment::words(', go '),
            Segment::slot(Slot::Destination, $offer->destination->words()),
            ...self::company($offer),
            Segment::words(" and pay {$bill->items->shown()}".self::shipping($bill).'; then they land on our thank-you page.'),
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

    private static function shipping(Receipt $bill): string
    {
        return $bill->shipping->isZero() ? ', shipping included' : " + {$bill->shipping->shown()} shipping";
    }
}
