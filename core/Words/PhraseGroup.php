<?php

declare(strict_types=1);

namespace PaperKite\Words;

/** Where phrases are read, as a seller looks for them. A phrase belongs to the group whose name its key begins with, the longest such. */
enum PhraseGroup: string
{
    case Frame = 'frame';
    case Goods = 'list';
    case Product = 'product';
    case Amount = 'amount';
    case Event = 'event';
    case Offer = 'offer';
    case Partner = 'partner';
    case Widget = 'widget';
    case Joined = 'joined';
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
    case Gift = 'gift';
    case Download = 'download';
    case SampleOf = 'sample';
    case Account = 'account';
    case Link = 'link';
    case Stock = 'stock';
    case Notice = 'notice';
    case Refused = 'refused';
    case Subject = 'subject';
    case Back = 'back';
    case Take = 'take';
    case Failed = 'failed';
    case Mail = 'mail';
    case Confirmation = 'mail.confirmation';
    case Sent = 'mail.sent';
    case Cancelled = 'mail.cancelled';
    case Refunded = 'mail.refunded';
    case Moved = 'mail.moved';
    case Files = 'mail.files';
    case DownloadsMail = 'mail.downloads';
    case NewVersion = 'mail.new_version';
    case GiftCardMail = 'mail.gift_card';
    case BackMail = 'mail.back';
    case SignIn = 'mail.sign_in';
    case OrderLink = 'mail.order_link';
    case MailedLink = 'mail.link';

    public static function of(string $key): ?self
    {
        $names = explode('.', $key);

        return self::tryFrom(implode('.', array_slice($names, 0, 2))) ?? self::tryFrom($names[0]);
    }

    public function label(): string
    {
        return match ($this) {
            self::Frame => 'On every page',
            self::Goods => 'List of goods',
            self::Product => 'Product page',
            self::Amount => 'Amount of a donation',
            self::Event => 'Date and place',
            self::Offer => 'Page of an offer',
            self::Partner => 'Beside partners’ goods',
            self::Widget => 'Widgets',
            self::Joined => 'Cart, from a widget',
            self::Cart => 'Cart',
            self::Lines => 'Lines of a cart',
            self::Bill => 'Bill',
            self::Coupon => 'Coupon',
            self::Shipping => 'Why shipping costs what it costs',
            self::Measure => 'Weights and pieces',
            self::Tax => 'Tax',
            self::Price => 'Why a piece costs what it costs',
            self::Plan => 'Plans',
            self::Payment => 'Payments',
            self::Checkout => 'Checkout',
            self::Field => 'Fields of the checkout',
            self::Waiting => 'While a payment is not confirmed',
            self::Thanks => 'Thank-you page',
            self::Order => 'State of an order',
            self::Gift => 'Gift cards',
            self::Download => 'Download page',
            self::SampleOf => 'Samples',
            self::Account => 'Orders of a shopper',
            self::Link => 'After a link by mail',
            self::Stock => 'What there is of goods',
            self::Notice => 'Pages that say something',
            self::Refused => 'What can’t be taken as it was typed',
            self::Subject => 'How a refusal calls the fields',
            self::Back => 'Told when it is back',
            self::Take => 'A link by hand that can’t be followed',
            self::Failed => 'Pages for what went wrong',
            self::Mail => 'In every mail',
            self::Confirmation => 'Mail: order made',
            self::Sent => 'Mail: sent',
            self::Cancelled => 'Mail: cancelled',
            self::Refunded => 'Mail: refunded',
            self::Moved => 'Mail: moved date',
            self::Files => 'Mails with files',
            self::DownloadsMail => 'Mail: fresh link to files',
            self::NewVersion => 'Mail: new version of a file',
            self::GiftCardMail => 'Mail: gift card',
            self::BackMail => 'Mail: back in stock',
            self::SignIn => 'Mail: link to sign in',
            self::OrderLink => 'Mail: link to an order',
            self::MailedLink => 'Mails with a link',
        };
    }
}
