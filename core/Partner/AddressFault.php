<?php

declare(strict_types=1);

namespace PaperKite\Partner;

/** What can be wrong or doubtful about an address that was pasted. */
enum AddressFault: string
{
    case Unreadable = 'unreadable';
    case TooLong = 'too_long';
    case NamesUser = 'names_user';
    case UnknownHost = 'unknown_host';
    case Shortened = 'shortened';
    case OtherPort = 'other_port';
    case Climbs = 'climbs';
    case CantBeRead = 'cant_be_read';
    case NotAnItem = 'not_an_item';
    case OtherPartner = 'other_partner';
    case NoPartnerId = 'no_partner_id';

    /** Whether nothing can be kept of the address. */
    public function refuses(): bool
    {
        return ! in_array($this, [self::NotAnItem, self::OtherPartner, self::NoPartnerId], true);
    }

    /** Whether no link may lead there as it is. */
    public function blocks(): bool
    {
        return $this->refuses() || $this === self::NoPartnerId;
    }
}
