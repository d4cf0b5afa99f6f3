<?php

declare(strict_types=1);

namespace PaperKite\Checkout;

/** What a shop still lacks to be paid, to send its goods, or to be lawful. In the order in which it is mended. */
enum Missing: string
{
    case Provider = 'provider';
    case Payee = 'payee';
    case Products = 'products';
    case Zones = 'zones';
    case TaxRates = 'tax_rates';
    case Terms = 'terms';
    case Policy = 'policy';

    public function what(): string
    {
        return match ($this) {
            self::Provider => 'A payment provider',
            self::Payee => 'An account that payments go to',
            self::Products => 'Something to sell',
            self::Zones => 'Where you ship to, and for how much',
            self::TaxRates => 'Tax rates',
            self::Terms => 'Terms of sale',
            self::Policy => 'A privacy policy',
        };
    }

    /** Why, and where it is mended if not in the console. */
    public function why(): string
    {
        return match ($this) {
            self::Provider => 'This installation is connected to none, so nobody can pay. Whoever runs it sets KITE_PAYMENTS in its environment.',
            self::Payee => 'Until you name one, no offer goes live, and links say “not open yet”.',
            self::Products => 'An offer sells a product. A name and a price are enough.',
            self::Zones => 'Goods that are sent can be paid for only from countries that you ship to.',
            self::TaxRates => 'Without a rate no tax is worked out. Where you charge none, enter 0.',
            self::Terms => 'In many countries shoppers must be able to read them before they pay.',
            self::Policy => 'Shoppers leave a name and an address with you; they may ask what becomes of them.',
        };
    }

    /** Whether nothing can be sold without it. */
    public function standsInTheWay(): bool
    {
        return match ($this) {
            self::Provider, self::Payee, self::Products, self::Zones => true,
            self::TaxRates, self::Terms, self::Policy => false,
        };
    }
}
