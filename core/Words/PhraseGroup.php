<?php

declare(strict_types=1);

namespace PaperKite\Words;

/** Where phrases are read, as a seller looks for them. A phrase belongs to the group whose name its key begins with. */
enum PhraseGroup: string
{
    case Frame = 'frame';
    case Goods = 'list';
    case Product = 'product';
    case Amount = 'amount';
    case Offer = 'offer';
    case Cart = 'cart';
    case Lines = 'line';
    case Bill = 'bill';
    case Coupon = 'coupon';
    case Shipping = 'shipping';
    case Measure = 'measure';
    case Tax = 'tax';
    case Price = 'price';
    case Plan = 'plan';
    case Payment = 'payment';
    case Checkout = 'checkout';
    case Field = 'field';
    case Waiting = 'waiting';
    case Thanks = 'thanks';
    case Order = 'order';
    case Account = 'account';
    case Link = 'link';
    case Notice = 'notice';
    case Mail = 'mail';

    public static function of(string $key): ?self
    {
        return self::tryFrom(explode('.', $key, 2)[0]);
    }

    public function label(): string
    {
        return match ($this) {
            self::Frame => 'On every page',
            self::Goods => 'List of goods',
            self::Product => 'Product page',
            self::Amount => 'Amount of a donation',
            self::Offer => 'Page of an offer',
            self::Cart => 'Cart',
            self::Lines => 'Lines of a cart',
            self::Bill => 'Bill',
            self::Coupon => 'Coupon',
            self::Shipping => 'Why shipping costs what it costs',
            self::Measure => 'Weights and pieces',
            self::Tax => 'Tax',
            self::Price => 'Why a piece costs what it costs',
            self::Plan => 'Plans',
            self::Payment => 'Later payments',
            self::Checkout => 'Checkout',
            self::Field => 'Fields of the checkout',
            self::Waiting => 'While a payment is not confirmed',
            self::Thanks => 'Thank-you page',
            self::Order => 'State of an order',
            self::Account => 'Orders of a shopper',
            self::Link => 'After a link by mail',
            self::Notice => 'Pages that say something',
            self::Mail => 'Mails',
        };
    }
}
