<?php

declare(strict_types=1);

namespace PaperKite\Partner;

use PaperKite\Money\Money;
use PaperKite\Partner\Commission\RatesEntry;
use PaperKite\Text\FieldErrors;
use PaperKite\Text\FormInput;
use PaperKite\Text\InvalidLine;
use PaperKite\Text\Line;

/** The part of a product's form that says where it is to be had: an address, a reference or a search at each marketplace. */
final readonly class AddressesEntry
{
    public const MOST = 10;

    private function __construct(
        /** @var array<string, string> sentences by path */
        public array $errors,
        /** @var list<EnteredAddress> those that can be read */
        public array $addresses,
        /** @var array<int, ReadAddress> what was made of each, by its place in the form; none of what is blank */
        public array $readings,
    ) {}

    /** @param  array<int, Marketplace>  $marketplaces  of the shop, by id */
    public static function read(FormInput $typed, array $marketplaces, bool $isNeeded): self
    {
        $wrong = new FieldErrors;
        $addresses = $readings = [];
        foreach (array_slice($typed->items('addresses'), 0, self::MOST) as $index => $entry) {
            if (trim($entry->text('text')) === '') {
                continue;
            }
            $read = self::one($entry, $marketplaces, $wrong);
            if ($read !== null) {
                $readings[$index] = $read;
            }
            $address = $read === null ? null : self::entered($entry, $read, $marketplaces, $addresses, $wrong);
            if ($address !== null) {
                $addresses[] = $address;
            }
        }
        if ($isNeeded && $addresses === [] && $wrong->all() === []) {
            $wrong->add('addresses', 'Say where it is to be had: paste the address of its page at a partner’s.');
        }

        return new self($wrong->all(), $addresses, $readings);
    }

    public function route(): Route
    {
        $countries = [];
        $fallback = null;
        foreach ($this->addresses as $address) {
            $countries[$address->marketplaceId] = $address->marketplace->country;
            $fallback = $address->isFallback ? $address->marketplaceId : $fallback;
        }

        return new Route($countries, $fallback);
    }

    /** @param  array<int, Marketplace>  $marketplaces */
    private static function one(FormInput $entry, array $marketplaces, FieldErrors $wrong): ?ReadAddress
    {
        $by = NamedBy::tryFrom($entry->text('by')) ?? NamedBy::Address;
        if ($by === NamedBy::Address) {
            return ReadAddress::of($entry->text('text'), array_values($marketplaces));
        }
        $marketplace = $marketplaces[$entry->id('marketplace_id') ?? 0] ?? null;
        if ($marketplace === null) {
            $wrong->add($entry->path('marketplace_id'), 'Choose the marketplace.');

            return null;
        }
        if ($by === NamedBy::Reference) {
            return ReadAddress::reference($entry->text('text'), $marketplace);
        }
        try {
            return ReadAddress::search($entry->text('text'), $marketplace);
        } catch (InvalidLine $invalid) {
            $wrong->add($entry->path('text'), $invalid->getMessage());

            return null;
        }
    }

    /**
     * @param  array<int, Marketplace>  $marketplaces
     * @param  list<EnteredAddress>  $before
     */
    private static function entered(FormInput $entry, ReadAddress $read, array $marketplaces, array $before, FieldErrors $wrong): ?EnteredAddress
    {
        $refused = $read->refused();
        if ($refused !== null || $read->marketplace === null || $read->target === null) {
            $wrong->add($entry->path('text'), $refused->sentence ?? AddressFinding::unreadable()->sentence);

            return null;
        }
        $id = (int) array_search($read->marketplace, $marketplaces, true);
        foreach ($before as $other) {
            if ($other->marketplaceId === $id) {
                $wrong->add($entry->path('text'), "There is an address at {$read->marketplace->name} already; take one of the two out.");
            }
            if ($other->isFallback && $entry->isOn('is_fallback')) {
                $wrong->add($entry->path('is_fallback'), 'Shoppers of all other countries are sent to one marketplace; choose one.');
            }
        }
        $marketplace = $read->marketplace;
        $price = trim($entry->text('price')) === '' ? null : $wrong->at($entry->path('price'), static fn (): Money => Money::fromEntry($entry->decimal('price'), $marketplace->currency));

        $category = trim($entry->text('category')) === '' ? '' : $wrong->at($entry->path('category'), static fn (): string => Line::of($entry->text('category'), 'The category', RatesEntry::LONGEST_CATEGORY)->text);

        return new EnteredAddress(
            marketplaceId: $id,
            marketplace: $marketplace,
            target: $read->target,
            price: $price,
            isFallback: $entry->isOn('is_fallback'),
            category: $category ?? '',
        );
    }
}
