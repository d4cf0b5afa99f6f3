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

    /** @return list<self> those that can be sold */
    public static function sold(): array
    {
        return [self::Physical, self::Service, self::Donation];
    }

    public function label(): string
    {
        return match ($this) {
            self::Physical => 'Goods',
            self::Digital => 'File',
            self::Service => 'Service',
            self::Donation => 'Donation',
            self::GiftCard => 'Gift card',
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
            self::GiftCard => 'Pays for other goods later.',
        };
    }

    /** @return list<ProductPart> what its form asks, besides what every form does */
    public function parts(): array
    {
        return match ($this) {
            self::Physical => [ProductPart::Sale, ProductPart::Tax, ProductPart::Shipping, ProductPart::Stock, ProductPart::Variants],
            self::Digital => [ProductPart::Sale, ProductPart::Tax, ProductPart::Variants],
            self::Service => [ProductPart::Dates, ProductPart::Sale, ProductPart::Tax, ProductPart::Stock, ProductPart::Variants],
            self::Donation => [ProductPart::Amounts, ProductPart::Thanks],
            self::GiftCard => [ProductPart::Amounts],
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
