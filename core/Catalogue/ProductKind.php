<?php

declare(strict_types=1);

namespace PaperKite\Catalogue;

/** What a product is. All that follows from it stands here; whoever wants to know asks one of these, and no other place tells kinds apart. */
enum ProductKind: string
{
    case Physical = 'physical';
    case Digital = 'digital';
    case Service = 'service';
    case Donation = 'donation';
    case GiftCard = 'gift_card';
    case Partner = 'partner';

    /** @return list<self> those that can be sold */
    public static function sold(): array
    {
        return [self::Physical, self::Digital, self::Service, self::Donation, self::GiftCard, self::Partner];
    }

    /** @return list<self> those that have a price here, and so can be part of a quote */
    public static function priced(): array
    {
        return array_values(array_filter(self::cases(), static fn (self $kind): bool => ! $kind->isElsewhere()));
    }

    /** @return list<self> kinds that are sold elsewhere */
    public static function elsewhere(): array
    {
        return array_values(array_filter(self::cases(), static fn (self $kind): bool => $kind->isElsewhere()));
    }

    /** @return list<self> those of which there is one, however much is given */
    public static function given(): array
    {
        return array_values(array_filter(self::cases(), static fn (self $kind): bool => $kind->isGiven()));
    }

    /** Whether it is another merchant who sells it and is paid. */
    public function isElsewhere(): bool
    {
        return $this === self::Partner;
    }

    public function label(): string
    {
        return match ($this) {
            self::Physical => 'Goods',
            self::Digital => 'Files',
            self::Service => 'Service',
            self::Donation => 'Donation',
            self::GiftCard => 'Gift card',
            self::Partner => 'Partner’s goods',
        };
    }

    /** What a seller should know who chooses it. */
    public function note(): string
    {
        return match ($this) {
            self::Physical => 'Sent to the shopper, or collected.',
            self::Digital => 'Downloaded after it is paid.',
            self::Service => 'A course, a visit, an hour: with a date, a place and seats, or without. Nothing is sent.',
            self::Donation => 'The shopper says how much. No tax, no discount, nothing is sent.',
            self::GiftCard => 'Bought for somebody, sent by mail on a day; it pays for other goods later.',
            self::Partner => 'Another merchant sells it: the button leads there, and the sale is credited to you.',
        };
    }

    /** @return list<ProductPart> what its form asks, besides what every form does */
    public function parts(): array
    {
        return match ($this) {
            self::Physical => [ProductPart::Price, ProductPart::Sale, ProductPart::Tax, ProductPart::Shipping, ProductPart::Stock, ProductPart::Variants],
            self::Digital => [ProductPart::Price, ProductPart::Files, ProductPart::Sale, ProductPart::Tax, ProductPart::Variants],
            self::Service => [ProductPart::Price, ProductPart::Dates, ProductPart::Sale, ProductPart::Tax, ProductPart::Stock, ProductPart::Variants],
            self::Donation => [ProductPart::Price, ProductPart::Amounts, ProductPart::Thanks],
            self::GiftCard => [ProductPart::Price, ProductPart::Amounts, ProductPart::Recipient],
            self::Partner => [ProductPart::Addresses],
        };
    }

    public function has(ProductPart $part): bool
    {
        return in_array($part, $this->parts(), true);
    }

    public function ships(): bool
    {
        return $this === self::Physical;
    }

    /** @return non-empty-list<ParcelAddress> what a product may ask, as usual first: what is sent can't do without */
    public function addresses(): array
    {
        return $this->ships()
            ? [ParcelAddress::Required, ParcelAddress::NotAsked]
            : [ParcelAddress::NotAsked, ParcelAddress::Optional, ParcelAddress::Required];
    }

    /** The shopper says how much; there is nothing else to choose, and neither tax nor coupon touches it. */
    public function isMoneyItself(): bool
    {
        return $this === self::Donation || $this === self::GiftCard;
    }

    /** Whether what is sold of it is still to be had by the shop's customers for money: a gift card is neither income nor cost. */
    public function isIncome(): bool
    {
        return $this !== self::GiftCard;
    }

    /**
     * What schema.org calls it where it is offered.
     *
     * @see https://schema.org/DonateAction
     */
    public function isGiven(): bool
    {
        return $this === self::Donation;
    }
}
