<?php

declare(strict_types=1);

namespace PaperKite\Quote;

enum CouponKind: string
{
    case Percent = 'percent';
    case Amount = 'amount';
    case FreeShipping = 'free_shipping';
}
