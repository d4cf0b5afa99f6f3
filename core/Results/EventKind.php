<?php

declare(strict_types=1);

namespace PaperKite\Results;

/** What a shopper did, as results count it. The numbers are kept for good: a new kind takes a new one. */
enum EventKind: int
{
    /** A page with a button to buy was opened: a product's, a glance, an offer's. */
    case View = 1;

    /** A link was followed, wherever it leads. */
    case Click = 2;

    /** Goods were put into a cart. */
    case Add = 3;

    /** A checkout was opened with goods that no checkout had shown before. */
    case Checkout = 4;

    /** Goods were ordered. */
    case Order = 5;

    /** A shopper was sent on to a partner's marketplace. */
    case Lead = 6;
}
