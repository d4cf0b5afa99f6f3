<?php

declare(strict_types=1);

namespace PaperKite\Partner;

use PaperKite\Text\InvalidLine;

/** What a pasted address, a reference, or words to search for name at a marketplace; and what is wrong with it. */
final readonly class ReadAddress
{
    private const LONGEST_KEPT = 200;

    /**
     * @param  list<AddressFinding>  $findings
     * @param  list<AddressPart>  $parts  of what was pasted
     */
    private function __construct(
        /** `null` where it is none of the seller's. */
        public ?Marketplace $marketplace,
        /** `null` where nothing can be kept of it. */
        public ?Target $target,
        public array $findings,
        public array $parts = [],
        /** The partner ID that the address carried, where it was another's. */
        public ?string $replaced = null,
    ) {}

    /** @param  list<Marketplace>  $marketplaces */
    public static function of(string $pasted, array $marketplaces): self
    {
        $address = PastedAddress::read($pasted);
        if ($address instanceof AddressFinding) {
            return new self(null, null, [$address]);
        }
        foreach ($marketplaces as $marketplace) {
            if ($marketplace->hasHost($address->host)) {
                return $marketplace->hasPort($address->port) ? self::at($marketplace, $address) : new self($marketplace, null, [AddressFinding::otherPort((int) $address->port, $marketplace)]);
            }
        }

        return new self(null, null, [$address->looksShortened() ? AddressFinding::shortened($address->host) : AddressFinding::unknownHost($address->host)]);
    }

    /** @param  string  $typed  as the marketplace writes it, its parts with a slash between them */
    public static function reference(string $typed, Marketplace $marketplace): self
    {
        $names = $marketplace->reference();
        $values = explode('/', trim($typed, ' '));
        if ($names === [] || count($values) !== count($names) || array_filter($values, static fn (string $value): bool => ! AddressPattern::canHold($value)) !== []) {
            return new self($marketplace, null, [AddressFinding::notAReference($typed, $marketplace, $names === [] ? ['…'] : $names)]);
        }
        $item = new Item(array_combine($names, $values));
        $again = self::of(OutgoingAddress::plain($marketplace, $item), [$marketplace])->target;

        return $again instanceof Item && $again->reference === $item->reference
            ? new self($marketplace, $item, self::idFindings($marketplace))
            : new self($marketplace, null, [AddressFinding::readAsAnother($item, $marketplace)]);
    }

    /** @throws InvalidLine */
    public static function search(string $words, Marketplace $marketplace): self
    {
        $search = Search::for($words);

        return $marketplace->searchAddress === null
            ? new self($marketplace, null, [AddressFinding::noSearch($marketplace)])
            : new self($marketplace, $search, self::idFindings($marketplace));
    }

    private static function at(Marketplace $marketplace, PastedAddress $address): self
    {
        $target = self::searched($marketplace, $address) ?? self::item($marketplace, $address) ?? new OtherPage($address->path, self::kept($marketplace, $address));
        $others = array_values(array_filter($address->all($marketplace->idParameter), static fn (string $id): bool => $id !== '' && $id !== $marketplace->partnerId?->text));
        $findings = [
            ...($target instanceof OtherPage ? [AddressFinding::notAnItem($marketplace)] : []),
            ...($others === [] ? [] : [AddressFinding::otherPartner($others[0], $marketplace)]),
            ...self::idFindings($marketplace),
        ];

        return new self($marketplace, $target, $findings, AddressPart::all($address, $marketplace, $target), $others[0] ?? null);
    }

    private static function item(Marketplace $marketplace, PastedAddress $address): ?Item
    {
        $names = array_flip($marketplace->reference());
        foreach ([...$marketplace->patterns, $marketplace->itemAddress] as $pattern) {
            $values = $pattern->read($address->path, $address->query);
            $reference = $values === null ? [] : array_intersect_key(array_replace($names, $values), $names);
            if ($values !== null && $reference !== []) {
                return new Item(array_map(strval(...), $reference), self::kept($marketplace, $address));
            }
        }

        return null;
    }

    private static function searched(Marketplace $marketplace, PastedAddress $address): ?Search
    {
        try {
            return Search::for((string) $marketplace->searchAddress?->words($address->path, $address->query));
        } catch (InvalidLine) {
            return null;
        }
    }

    /** @return array<string, string> */
    private static function kept(Marketplace $marketplace, PastedAddress $address): array
    {
        $kept = [];
        foreach ($marketplace->keeps as $name) {
            $value = $address->query->get($name);
            if ($value !== null && $value !== '' && strlen($value) <= self::LONGEST_KEPT && preg_match('/\p{C}/u', $value) === 0) {
                $kept[$name] = $value;
            }
        }

        return $kept;
    }

    /** @return list<AddressFinding> */
    private static function idFindings(Marketplace $marketplace): array
    {
        return $marketplace->partnerId === null ? [AddressFinding::noPartnerId($marketplace)] : [];
    }

    public function refused(): ?AddressFinding
    {
        foreach ($this->findings as $finding) {
            if ($finding->fault->refuses()) {
                return $finding;
            }
        }

        return null;
    }
}
