<?php

declare(strict_types=1);

namespace PaperKite\Quote;

/** Which of the prices of a product applied. */
enum PriceSource
{
    case Product;
    case Choice;
    case Variant;
    case Plan;
    case Shopper;
}
