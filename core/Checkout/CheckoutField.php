<?php

declare(strict_types=1);

namespace PaperKite\Checkout;

/** What the checkout may ask. */
enum CheckoutField: string
{
    case Email = 'email';
    case Name = 'name';
    case Company = 'company';
    case Street = 'street';
    case Postcode = 'postcode';
    case Town = 'town';
    case Country = 'country';
    case Phone = 'phone';
    case Comment = 'comment';

    public function label(): string
    {
        return match ($this) {
            self::Email => 'E-mail',
            self::Name => 'Name',
            self::Company => 'Company',
            self::Street => 'Street and number',
            self::Postcode => 'Postcode',
            self::Town => 'Town',
            self::Country => 'Country',
            self::Phone => 'Phone',
            self::Comment => 'Anything we should know',
        };
    }

    /** Key of the phrase by which a refusal calls it. */
    public function subject(): string
    {
        return "subject.{$this->value}";
    }

    /** Whether an order that needs this has a use for it. */
    public function isFor(Needs $needs): bool
    {
        return match ($this) {
            self::Email, self::Phone, self::Comment => true,
            self::Country => $needs->country,
            default => $needs->address,
        };
    }

    public function isOfTheAddress(): bool
    {
        return in_array($this, [self::Name, self::Company, self::Street, self::Postcode, self::Town], true);
    }

    /** In characters; RFC 5321, 4.5.3.1.3: a path holds 256 octets, two of which are its angle brackets. */
    public function longest(): int
    {
        return match ($this) {
            self::Email => 254,
            self::Name, self::Company => 120,
            self::Street => 160,
            self::Postcode => 16,
            self::Town => 100,
            self::Country => 2,
            self::Phone => 40,
            self::Comment => 1000,
        };
    }

    /** @return non-empty-list<Demand> what the seller may choose: what a parcel needs can't be lost */
    public function allowed(): array
    {
        return match ($this) {
            self::Company, self::Phone, self::Comment => [Demand::Off, Demand::Optional, Demand::Required],
            self::Postcode => [Demand::Optional, Demand::Required],
            default => [Demand::Required],
        };
    }

    /** Why the seller can't choose, or `null` where there is a choice. */
    public function lockedBecause(): ?string
    {
        return match ($this) {
            self::Email => 'The receipt goes there.',
            self::Name, self::Street, self::Town, self::Country => 'A parcel needs it.',
            default => null,
        };
    }
}
