<?php

declare(strict_types=1);

namespace App\Finding;

use PaperKite\People\Ability;
use PaperKite\Text\SearchWords;

/** What can be done from anywhere in a shop, and the settings that can be gone to, by their names. */
enum Act: string
{
    case NewOffer = 'new_offer';
    case NewProduct = 'new_product';
    case NewPriceTable = 'new_price_table';
    case Example = 'example';
    case Offers = 'offers';
    case Products = 'products';
    case Partners = 'partners';
    case Orders = 'orders';
    case Shop = 'shop';
    case Looks = 'looks';
    case PriceTables = 'price_tables';
    case Copies = 'copies';
    case OpenLinks = 'open_links';
    case Readiness = 'readiness';
    case Payee = 'payee';
    case Shipping = 'shipping';
    case Tax = 'tax';
    case Country = 'country';
    case Fee = 'fee';
    case Coupons = 'coupons';
    case Checkout = 'checkout';
    case Shopfront = 'shopfront';
    case Names = 'names';
    case Words = 'words';
    case PageLook = 'page_look';
    case Deleted = 'deleted';
    case People = 'people';
    case Account = 'account';
    case SignOut = 'sign_out';

    public function label(): string
    {
        return match ($this) {
            self::NewOffer => 'New offer',
            self::NewProduct => 'New product',
            self::NewPriceTable => 'New price table',
            self::Example => 'Start from an example',
            // The console's rooms have one word each.
            self::Offers, self::Products, self::Partners, self::Orders, self::Shop => $this->name,
            self::Looks => 'Looks',
            self::PriceTables => 'Price tables',
            self::Copies => 'Outdated copies',
            self::OpenLinks => 'Write a link yourself',
            self::Readiness => 'What the shop still needs',
            self::Payee => 'Payments go to',
            self::Shipping => 'Shipping',
            self::Tax => 'Tax',
            self::Country => 'Country and currency',
            self::Fee => 'Payment provider’s fee',
            self::Coupons => 'Coupons',
            self::Checkout => 'Checkout',
            self::Shopfront => 'Shopfront',
            self::Names => 'Name and addresses of the shop',
            self::Words => 'Words that shoppers read',
            self::PageLook => 'Look of your pages',
            self::Deleted => 'Deleted things',
            self::People => 'People in this shop',
            self::Account => 'Your account',
            self::SignOut => 'Sign out',
        };
    }

    /** Where it leads, beside its name. */
    public function note(): string
    {
        return match ($this) {
            self::NewOffer, self::NewProduct, self::NewPriceTable, self::Example, self::SignOut => 'Act',
            self::Payee, self::Shipping, self::Tax, self::Country, self::Fee, self::Coupons, self::Checkout, self::Shopfront, self::Names, self::Words, self::PageLook => 'Setting',
            default => 'Page',
        };
    }

    public function ability(): Ability
    {
        return match ($this) {
            self::NewOffer, self::NewProduct, self::NewPriceTable => Ability::Work,
            self::People => Ability::People,
            default => Ability::Read,
        };
    }

    /** Whether what was typed means it. */
    public function isMeant(string $typed): bool
    {
        $asked = SearchWords::asked($typed);

        return $asked->words !== [] && SearchWords::of("{$this->label()} {$this->also()} {$this->note()}")->hold($asked);
    }

    /** Other words that people look for it by. */
    private function also(): string
    {
        return match ($this) {
            self::NewOffer => 'create make add write button sentence link widget',
            self::NewProduct => 'create make add goods item',
            self::NewPriceTable => 'create make add compare',
            self::Example => 'create make template',
            self::Looks => 'design colours colors style buttons default',
            self::Copies => 'stale old renew update',
            self::OpenLinks => 'url address take hand',
            self::Readiness => 'missing ready open check',
            self::Payee => 'payments money account bank payee provider',
            self::Shipping => 'delivery zones rates postage parcel',
            self::Tax => 'vat rates classes',
            self::Country => 'time zone home',
            self::Fee => 'payments cost percent',
            self::Coupons => 'discount code voucher',
            self::Checkout => 'fields terms hosts address name',
            self::Shopfront => 'pages buttons list browsing',
            self::Names => 'host domain rename slug',
            self::Words => 'texts language translate phrases',
            self::PageLook => 'design theme colours colors font banner header dark scheme shopfront',
            self::Deleted => 'undo restore bin trash take back',
            self::People => 'roles invite members owner editor reader',
            self::Account => 'password email second factor profile',
            self::SignOut => 'leave log out',
            default => '',
        };
    }
}
