<?php

declare(strict_types=1);

namespace PaperKite\Catalogue;

enum ProductKind: string
{
    case Physical = 'physical';
    case Digital = 'digital';
    case Service = 'service';
    case Donation = 'donation';
    case GiftCard = 'gift_card';

    public function ships(): bool
    {
        return $this === self::Physical;
    }

    /** The shopper says how much; there is nothing else to choose, and neither tax nor coupon touches it. */
    public function isMoneyItself(): bool
    {
        return $this === self::Donation || $this === self::GiftCard;
    }
}
