<?php

declare(strict_types=1);

namespace PaperKite\Partner;

use League\Uri\Components\Query;
use League\Uri\Uri;

/** The address that a click leads to, made of a marketplace's data and what is looked for there, and of nothing else. */
final class OutgoingAddress
{
    /** @param  Token|null  $subId  tells places apart in the marketplace's reports */
    public static function of(Marketplace $marketplace, Target $target, ?Token $subId): string
    {
        $own = [];
        if ($marketplace->partnerId !== null) {
            $own[] = [$marketplace->idParameter, $marketplace->partnerId->text];
        }
        if ($marketplace->subIdParameter !== null && $subId !== null) {
            $own[] = [$marketplace->subIdParameter, $subId->text];
        }

        return self::built($marketplace, $target, $own);
    }

    /** Without whose it is: as a seller keeps it, and pastes it again. */
    public static function plain(Marketplace $marketplace, Target $target): string
    {
        return self::built($marketplace, $target, []);
    }

    /** @param  list<array{string, string}>  $own */
    private static function built(Marketplace $marketplace, Target $target, array $own): string
    {
        [$path, $pairs] = self::parts($marketplace, $target);
        $query = [...$pairs, ...$own];

        return Uri::fromComponents([
            'scheme' => $marketplace->scheme->value,
            'host' => $marketplace->hosts[0]->text,
            'port' => $marketplace->port === $marketplace->scheme->port() ? null : $marketplace->port,
            'path' => $path,
            'query' => $query === [] ? null : Query::fromPairs($query)->value(),
        ])->toString();
    }

    /** @return array{string, list<array{string, string}>} the path and what stands after the question mark */
    private static function parts(Marketplace $marketplace, Target $target): array
    {
        if ($target instanceof Item) {
            return [$marketplace->itemAddress->path($target->reference), [...self::parameters($marketplace->itemAddress, $target->reference), ...self::pairs($target->kept)]];
        }
        if ($target instanceof Search && $marketplace->searchAddress !== null) {
            $words = array_fill_keys($marketplace->searchAddress->variables(), $target->searched);

            return [$marketplace->searchAddress->path($words), self::parameters($marketplace->searchAddress, $words)];
        }

        return $target instanceof OtherPage ? [$target->path, self::pairs($target->kept)] : ['/', []];
    }

    /**
     * @param  array<string, string>  $values
     * @return list<array{string, string}>
     */
    private static function parameters(AddressPattern $pattern, array $values): array
    {
        return self::pairs(array_intersect_key($values, array_flip($pattern->parameters())));
    }

    /**
     * @param  array<string, string>  $values
     * @return list<array{string, string}>
     */
    private static function pairs(array $values): array
    {
        return array_map(static fn (string|int $name, string $value): array => [(string) $name, $value], array_keys($values), array_values($values));
    }
}
