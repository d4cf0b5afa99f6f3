<?php

declare(strict_types=1);

namespace PaperKite\Quote;

/** Why a coupon does nothing. */
enum CouponRefusal
{
    case NothingEligible;
    case NotYet;
    case Over;
    case TooLittle;
}
