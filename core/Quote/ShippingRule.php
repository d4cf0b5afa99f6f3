<?php

declare(strict_types=1);

namespace PaperKite\Quote;

/** Ways to say what shipping costs; the earlier in this list that fits applies. */
enum ShippingRule
{
    case NothingShips;
    case FreeByCoupon;
    case FreeFrom;
    case Table;
    case ItemFees;
}
