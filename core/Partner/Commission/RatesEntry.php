<?php

declare(strict_types=1);

namespace PaperKite\Partner\Commission;

use PaperKite\Money\Percentage;
use PaperKite\Text\FieldErrors;
use PaperKite\Text\FormInput;
use PaperKite\Text\Line;
use PaperKite\Time\Day;

/** The part of a marketplace's form that says what it pays. */
final readonly class RatesEntry
{
    public const MOST = 100;

    public const LONGEST_CATEGORY = 60;

    private function __construct(
        /** @var array<string, string> sentences by path */
        public array $errors,
        public Rates $rates,
    ) {}

    public static function read(FormInput $typed): self
    {
        $wrong = new FieldErrors;
        $rates = [];
        $items = $typed->items('rates');
        if (count($items) > self::MOST) {
            $wrong->add('rates', 'A marketplace has '.self::MOST.' rates at most; take out those that are long over.');
        }
        foreach (array_slice($items, 0, self::MOST) as $entry) {
            $rate = self::one($entry, $wrong);
            if ($rate === null) {
                continue;
            }
            foreach ($rates as $other) {
                if ($rate->meets($other)) {
                    $wrong->add($entry->path('from'), ($rate->category === '' ? 'For all other goods' : "For “{$rate->category}”").' two rates would be paid on the same day; let one end before the other begins.');
                }
            }
            $rates[] = $rate;
        }

        return new self($wrong->all(), new Rates($rates));
    }

    private static function one(FormInput $entry, FieldErrors $wrong): ?Rate
    {
        $isBlank = array_filter(['category', 'rate', 'from', 'until'], static fn (string $key): bool => trim($entry->text($key)) !== '') === [];
        if ($isBlank) {
            return null;
        }
        $category = trim($entry->text('category')) === '' ? '' : $wrong->at($entry->path('category'), static fn (): string => Line::of($entry->text('category'), 'The category', self::LONGEST_CATEGORY)->text);
        $share = $wrong->at($entry->path('rate'), static fn (): Percentage => Percentage::fromEntry($entry->decimal('rate')));
        [$from, $until] = [self::day($entry, 'from', $wrong), self::day($entry, 'until', $wrong)];
        if ($from !== null && $until !== null && $until->number() < $from->number()) {
            $wrong->add($entry->path('until'), 'The last day is before the first; correct one of the two.');
        }

        return $share === null || $category === null ? null : new Rate($category, $share, $from, $until);
    }

    private static function day(FormInput $entry, string $key, FieldErrors $wrong): ?Day
    {
        return trim($entry->text($key)) === '' ? null : $wrong->at($entry->path($key), static fn (): Day => Day::read($entry->text($key)));
    }
}
