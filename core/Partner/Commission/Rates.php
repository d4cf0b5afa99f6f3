<?php

declare(strict_types=1);

namespace PaperKite\Partner\Commission;

use PaperKite\Time\Day;

/** What a marketplace pays, by category and day. */
final readonly class Rates
{
    /** @param  list<Rate>  $all  of which no two meet */
    public function __construct(public array $all) {}

    /**
     * @param  string  $category  of the goods; blank: none was entered
     * @return Rate|null `null` where nobody has entered what it is on that day
     */
    public function on(string $category, Day $day): ?Rate
    {
        return $this->among($category, $day) ?? $this->among('', $day);
    }

    /** @return list<string> the categories that have a rate, in their order */
    public function categories(): array
    {
        return array_values(array_unique(array_filter(array_map(static fn (Rate $rate): string => $rate->category, $this->all), static fn (string $category): bool => $category !== '')));
    }

    private function among(string $category, Day $day): ?Rate
    {
        foreach ($this->all as $rate) {
            if ($rate->category === $category && $rate->isOn($day)) {
                return $rate;
            }
        }

        return null;
    }
}
