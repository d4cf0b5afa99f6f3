<?php

declare(strict_types=1);

namespace PaperKite\Offer;

use PaperKite\Quote\Receipt;

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
            Segment::words($offer->destination->pays($bill)),
            ...$offer->destination->ends(),
            Segment::words('.'),
        ]);
    }

    /** The same without what changes by itself, places and prices: what the seller has decided. */
    public static function decided(Offer $offer): self
    {
        return new self([...self::beginning($offer, []), ...$offer->destination->ends(), Segment::words('.')]);
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
            Segment::words(', '),
            ...$offer->destination->goes($offer->opening),
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
}
