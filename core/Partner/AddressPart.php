<?php

declare(strict_types=1);

namespace PaperKite\Partner;

/** A part of a pasted address, its value, and what becomes of it. */
final readonly class AddressPart
{
    private function __construct(
        public string $part,
        public string $value,
        public string $meaning,
        public bool $stays,
    ) {}

    /** @return list<self> in the order of the address */
    public static function all(PastedAddress $address, Marketplace $marketplace, Target $target): array
    {
        $path = match (true) {
            $target instanceof Item => "leads to {$target->words()}",
            $target instanceof Search => 'leads to the search',
            default => 'kept as it is',
        };

        return [
            new self('Host', $address->host, "{$marketplace->name}, of {$marketplace->partner}", true),
            new self('Path', mb_strimwidth(rawurldecode($address->path), 0, 80, '…', 'UTF-8'), $path, true),
            ...self::parameters($address, $marketplace, $target),
            ...($address->fragment === '' ? [] : [new self('After #', mb_strimwidth($address->fragment, 0, 60, '…', 'UTF-8'), 'a place on the page; left out', false)]),
        ];
    }

    /** @return list<self> */
    private static function parameters(PastedAddress $address, Marketplace $marketplace, Target $target): array
    {
        $parts = [];
        foreach ($address->pairs() as [$name, $value]) {
            [$meaning, $stays] = self::meaning($name, $value, $marketplace, $target);
            $parts[] = new self(mb_strimwidth($name, 0, 40, '…', 'UTF-8'), mb_strimwidth($value, 0, 60, '…', 'UTF-8'), $meaning, $stays);
        }

        return $parts;
    }

    /** @return array{string, bool} */
    private static function meaning(string $name, string $value, Marketplace $marketplace, Target $target): array
    {
        return match (true) {
            $name === $marketplace->idParameter && $value === $marketplace->partnerId?->text => ['your partner ID', true],
            $name === $marketplace->idParameter => ['another’s partner ID; taken out', false],
            $name === $marketplace->subIdParameter => ['a sub-ID; each place has its own', false],
            $target instanceof Item && array_key_exists($name, $target->reference) => ['the item', true],
            $target instanceof Search && in_array($name, $marketplace->searchAddress?->parameters() ?? [], true) => ['what is searched for', true],
            in_array($name, $marketplace->keeps, true) => ['kept', true],
            default => ['not needed; left out', false],
        };
    }
}
