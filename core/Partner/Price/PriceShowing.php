<?php

declare(strict_types=1);

namespace PaperKite\Partner\Price;

/** How a partner's price is shown to shoppers. */
enum PriceShowing
{
    /** With the day on which it was seen. */
    case Plain;

    /** With its day, and that it may have changed since. */
    case Marked;

    case Hidden;
}
