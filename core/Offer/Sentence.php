<?php

declare(strict_types=1);

namespace PaperKite\Offer;

use PaperKite\Offer\Clause\Clauses;
use PaperKite\Quote\Receipt;
use PaperKite\Quote\ReceiptLine;

/** An offer said aloud. Desk, list, history and command line all show this one sentence. */
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
            ...self::beginning($offer, $places),
            Segment::words(self::pay($offer, $bill)),
            ...self::end($offer),
        ]);
    }

    /** The same without what changes by itself, places and prices: what the seller has decided. */
    public static function decided(Offer $offer): self
    {
        return new self([...self::beginning($offer, []), ...self::end($offer)]);
    }

    public function text(): string
    {
        return implode('', array_map(static fn (Segment $segment): string => $segment->text, $this->segments));
    }

    /**
     * @param  list<string>  $places
     * @return list<Segment>
     */
    private static function beginning(Offer $offer, array $places): array
    {
        return [
            Segment::words('When someone clicks '),
            Segment::slot(Slot::Caption, $offer->caption()),
            Segment::words(' in '),
            Segment::slot(Slot::Look, $offer->look),
            ...self::where($places),
            Segment::words(', they get '),
            ...self::goods($offer),
            Segment::words(', go '),
            Segment::slot(Slot::Destination, $offer->destination->words()),
            ...self::company($offer),
            Segment::words(', '),
            Segment::slot(Slot::Opening, $offer->opening->words()),
        ];
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
    private static function goods(Offer $offer): array
    {
        if ($offer->items === []) {
            return [Segment::slot(Slot::Product, 'nothing new', 0)];
        }
        $said = [];
        foreach ($offer->items as $index => $item) {
            if ($index > 0) {
                $said[] = Segment::words($index === count($offer->items) - 1 ? ' and ' : ', ');
            }
            array_push($said, ...Clauses::for($item)->segments($item, $index, $offer->ask));
        }

        return $said;
    }

    /** @return list<Segment> */
    private static function company(Offer $offer): array
    {
        return $offer->destination === Destination::Pay && $offer->items !== []
            ? [Segment::words(' with '), Segment::slot(Slot::CartUse, $offer->cartUse->words())]
            : [];
    }

    private static function pay(Offer $offer, ?Receipt $bill): string
    {
        if ($offer->items === []) {
            return ', and pay for what is in their cart';
        }
        if ($bill === null) {
            return ', and pay what the bill says there';
        }
        $about = $offer->leavesAChoice() || $offer->ask !== null ? 'for instance ' : '';
        $isSent = array_filter($bill->lines, static fn (ReceiptLine $line): bool => $line->pick->product->ships()) !== [];
        $shipping = ! $isSent ? '' : ($bill->shipping->fee->isZero() ? ', shipping included' : " + {$bill->shipping->fee->shown()} shipping");
        $tax = $bill->shop->tax->areContained || $bill->tax->isZero() ? '' : " + {$bill->tax->shown()} tax";

        return ", and pay {$about}{$bill->items->shown()}{$shipping}{$tax}";
    }

    /** @return list<Segment> */
    private static function end(Offer $offer): array
    {
        $usual = $offer->destination === Destination::Stay ? 'our list of goods' : 'our thank-you page';

        return [
            Segment::words($offer->destination === Destination::Stay ? '; they look on at ' : '; then they land on '),
            Segment::slot(Slot::Landing, $offer->landing ?? $usual),
            Segment::words('.'),
        ];
    }
}
