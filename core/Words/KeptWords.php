<?php

declare(strict_types=1);

namespace PaperKite\Words;

use PaperKite\Money\Currency;
use PaperKite\Money\Money;
use PaperKite\Money\UnknownCurrency;
use PaperKite\Time\Day;

/** What was said, as it is kept with an order: `{"say": "shipping.free_from", "with": {"amount": {"minor": 6000, "currency": "EUR"}}}`. */
final class KeptWords
{
    /** @return array<string, mixed> */
    public static function written(Said $said): array
    {
        return ['say' => $said->phrase->value, 'with' => (object) array_map(self::argument(...), $said->arguments)];
    }

    /** @return Said|null `null` where nothing was said, or where this release does not know what */
    public static function read(mixed $kept): ?Said
    {
        if (is_string($kept)) {
            return $kept === '' ? null : Said::of(Phrase::Kept, text: $kept);
        }
        $phrase = is_array($kept) && is_string($kept['say'] ?? null) ? Phrase::tryFrom($kept['say']) : null;
        if ($phrase === null || ! is_array($kept)) {
            return null;
        }
        $arguments = [];
        foreach ((array) ($kept['with'] ?? []) as $name => $argument) {
            $arguments[(string) $name] = self::readArgument($argument);
        }
        $arguments = array_filter($arguments, static fn (mixed $argument): bool => $argument !== null);

        return $phrase === Phrase::Sentence
            ? Said::sentence(array_values(array_filter($arguments, static fn (mixed $part): bool => $part instanceof Said)))
            : Said::of($phrase, ...$arguments);
    }

    private static function argument(Money|Day|Country|int|string|Said $argument): mixed
    {
        return match (true) {
            $argument instanceof Money => ['minor' => $argument->minor, 'currency' => $argument->currency->code],
            $argument instanceof Day => ['day' => $argument->text()],
            $argument instanceof Country => ['country' => $argument->code],
            default => $argument,
        };
    }

    private static function readArgument(mixed $kept): Money|Day|Country|int|string|Said|null
    {
        return match (true) {
            is_int($kept), is_string($kept) => $kept,
            ! is_array($kept) => null,
            is_int($kept['minor'] ?? null) && is_string($kept['currency'] ?? null) => self::money($kept['minor'], $kept['currency']),
            is_string($kept['day'] ?? null) => self::day($kept['day']),
            is_string($kept['country'] ?? null) => new Country($kept['country']),
            default => self::read($kept),
        };
    }

    private static function money(int $minor, string $currency): ?Money
    {
        try {
            return Money::ofMinor($minor, Currency::of($currency));
        } catch (UnknownCurrency) {
            return null;
        }
    }

    private static function day(string $text): ?Day
    {
        $isDay = preg_match('/\A(\d{4})-(\d{2})-(\d{2})\z/', $text, $parts) === 1 && checkdate((int) $parts[2], (int) $parts[3], (int) $parts[1]);

        return $isDay ? Day::orMonthsLast((int) $parts[1], (int) $parts[2], (int) $parts[3]) : null;
    }
}
