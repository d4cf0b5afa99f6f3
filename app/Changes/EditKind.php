<?php

declare(strict_types=1);

namespace App\Changes;

/** What sellers change by a form that is saved as a whole. */
enum EditKind: string
{
    case Product = 'product';
    case Rules = 'rules';
    case Checkout = 'checkout';
    case Shopfront = 'shopfront';
    case PriceTable = 'price_table';
    case Shelf = 'shelf';
    case Coupon = 'coupon';
    case Look = 'look';
    case OrderNote = 'order_note';
    case Words = 'words';
    case Marketplace = 'marketplace';
    case PageLook = 'page_look';
    case PartnerRules = 'partner_rules';

    /** As a sentence begins with it. */
    public function named(): string
    {
        return match ($this) {
            self::Product => 'This product was',
            self::Rules => 'The rules were',
            self::Checkout => 'The checkout was',
            self::Shopfront => 'The shopfront was',
            self::PriceTable => 'This price table was',
            self::Shelf => 'This shelf was',
            self::Coupon => 'This coupon was',
            self::Look => 'This look was',
            self::OrderNote => 'This note was',
            self::Words => 'The words were',
            self::Marketplace => 'This marketplace was',
            self::PageLook => 'The look of the pages was',
            self::PartnerRules => 'The rules for partners were',
        };
    }
}
