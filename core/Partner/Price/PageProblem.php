<?php

declare(strict_types=1);

namespace PaperKite\Partner\Price;

/** Why an item's page says nothing about its price. */
enum PageProblem: string
{
    case Gone = 'gone';
    case NotFound = 'not_found';
    case NotAllowed = 'not_allowed';
    case NoAddress = 'no_address';
    case PrivateAddress = 'private';
    case Silent = 'silent';
    case TooSlow = 'too_slow';
    case TooLarge = 'too_large';
    case LeadsAway = 'leads_away';
    case LeadsAround = 'leads_around';
    case Refused = 'refused';
    case Moved = 'moved';
    case NoData = 'no_data';
    case SeveralItems = 'several_items';
    case NoPrice = 'no_price';
    case SeveralPrices = 'several_prices';
    case OtherCurrency = 'other_currency';

    /** Whether the item itself is there no more: said by the page (410), or by its absence (404), which may be a mistake of the day. */
    public function meansGone(int $times): bool
    {
        return $this === self::Gone || $this === self::NotFound && $times > 1;
    }

    /** What is the matter, and what to do. */
    public function sentence(): string
    {
        return match ($this) {
            self::Gone => 'The marketplace says that it is not sold any more.',
            self::NotFound => 'The marketplace has no such page today; it is looked for once more before it counts as gone.',
            self::NotAllowed => 'Pages of this host are not looked at; whoever runs this server can allow it (KITE_PRICE_HOSTS).',
            self::NoAddress => 'The host has no address at the moment; it is tried again tomorrow.',
            self::PrivateAddress => 'The host leads into a private network and is not asked; tell whoever runs this server.',
            self::Silent => 'The marketplace does not answer; it is tried again tomorrow.',
            self::TooSlow => 'The page took longer than 5 seconds; it is tried again tomorrow.',
            self::TooLarge => 'The page is larger than 1 MB and is not read; look at its price yourself.',
            self::LeadsAway => 'The page leads to another host; look at where it leads, and paste that address.',
            self::LeadsAround => 'The page leads on and on; look at it yourself, and paste the address where it ends.',
            self::Refused => 'The marketplace does not let programs look at the page now; it is tried again later.',
            self::Moved => 'The address leads to another item now; look whether it is the same, and paste its address.',
            self::NoData => 'The page says nothing that programs can read; look at its price yourself.',
            self::SeveralItems => 'The page shows several items and does not say which is this one; look at its price yourself.',
            self::NoPrice => 'The page says no price that programs can read; look at it yourself.',
            self::SeveralPrices => 'The page says several prices; choose yours yourself.',
            self::OtherCurrency => 'The page says its price in another currency than its marketplace has here; correct one of the two.',
        };
    }
}
