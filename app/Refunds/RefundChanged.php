<?php

declare(strict_types=1);

namespace App\Refunds;

use PaperKite\Money\Money;
use PaperKite\Order\GoodsState;
use RuntimeException;

/** What is given back is no longer what the seller was shown. */
final class RefundChanged extends RuntimeException
{
    public static function to(Money $amount): self
    {
        return new self("This order was changed meanwhile: {$amount->shown()} would be given back now. Nothing was done yet; look at it again.");
    }

    public static function goodsLeft(GoodsState $state): self
    {
        $shown = mb_strtolower($state->label());

        return new self("The goods of this order are {$shown}, so that it can’t be cancelled any more; give money back instead.");
    }

    public static function cardUsed(): self
    {
        return new self('Somebody has just paid with a gift card of this order. Nothing was done; look at it again.');
    }

    public static function notPaid(): self
    {
        return new self('There is no money of this order that could be given back.');
    }
}
