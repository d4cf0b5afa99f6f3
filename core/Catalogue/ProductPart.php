<?php

declare(strict_types=1);

namespace PaperKite\Catalogue;

/** A part of a product's form that some kinds have and others have not. */
enum ProductPart: string
{
    case Sale = 'sale';
    case Tax = 'tax';
    case Shipping = 'shipping';
    case Stock = 'stock';
    case Variants = 'variants';
    case Amounts = 'amounts';
    case Thanks = 'thanks';
    case Dates = 'dates';
    case Price = 'price';
    case Addresses = 'addresses';
    case Files = 'files';

    /** Whom it is for, which its shopper says. */
    case Recipient = 'recipient';

    /** @return list<string> the fields of the form that belong to it */
    public function fields(): array
    {
        return match ($this) {
            self::Sale => ['sale_price', 'sale_from', 'sale_until'],
            self::Tax => ['cost', 'tax_class'],
            self::Shipping => ['weight', 'shipping_first', 'shipping_more'],
            self::Stock => ['stock', 'low_stock'],
            self::Variants => ['options', 'variants'],
            self::Amounts => ['least', 'most', 'suggested'],
            self::Thanks => ['thanks'],
            self::Dates => ['begins', 'ends', 'place'],
            self::Price => ['price'],
            self::Addresses => ['addresses'],
            self::Files => ['files', 'sample', 'download_days', 'download_times'],
            self::Recipient => [],
        };
    }

    /** As a sentence names what is kept and not used. */
    public function named(): string
    {
        return match ($this) {
            self::Sale => 'sale price',
            self::Tax => 'cost and tax',
            self::Shipping => 'shipping',
            self::Stock => 'stock',
            self::Variants => 'variants',
            self::Amounts => 'amounts',
            self::Thanks => 'words of thanks',
            self::Dates => 'date and place',
            self::Price => 'price',
            self::Addresses => 'the addresses at partners',
            self::Files => 'files',
            self::Recipient => 'recipients',
        };
    }
}
