<?php

declare(strict_types=1);

namespace PaperKite\Partner\Report;

/** Clicks that led to one marketplace, so kept that those of some hours are counted at once. */
final class ClickBook
{
    /** @var array<int, array<string, array{list<int>, list<int>}>> by product and the key of a place: hours, and how many there were up to each */
    private array $sums = [];

    /** @var array<string, Place> */
    private array $places = [];

    /** @param  iterable<Clicks>  $clicks  by hour, the earliest first */
    public function __construct(iterable $clicks)
    {
        foreach ($clicks as $each) {
            $key = $each->place->key();
            $this->places[$key] ??= $each->place;
            $this->sums[$each->productId][$key] ??= [[], []];
            [$hours, $counts] = $this->sums[$each->productId][$key];
            $this->sums[$each->productId][$key][0][] = $each->hour;
            $this->sums[$each->productId][$key][1][] = $each->count + ($counts === [] ? 0 : $counts[count($counts) - 1]);
        }
    }

    /** @return list<int> ids of all products on which somebody clicked */
    public function products(): array
    {
        return array_keys($this->sums);
    }

    /**
     * @param  list<int>  $products
     * @return list<Candidate> those with most clicks from the first hour to the last; of as many, in the order of their keys
     */
    public function candidates(array $products, int $first, int $last): array
    {
        $counts = [];
        foreach ($products as $product) {
            foreach ($this->sums[$product] ?? [] as $key => [$hours, $sums]) {
                $count = self::upTo($hours, $sums, $last) - self::upTo($hours, $sums, $first - 1);
                if ($count > 0) {
                    $counts[$key] = ($counts[$key] ?? 0) + $count;
                }
            }
        }
        uksort($counts, static fn (string $a, string $b): int => [$counts[$b], $a] <=> [$counts[$a], $b]);

        return array_map(fn (string $key, int $count): Candidate => new Candidate($this->places[$key], $count), array_keys($counts), array_values($counts));
    }

    /**
     * @param  list<int>  $hours
     * @param  list<int>  $sums
     */
    private static function upTo(array $hours, array $sums, int $hour): int
    {
        [$low, $high] = [0, count($hours)];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            [$low, $high] = $hours[$middle] <= $hour ? [$middle + 1, $high] : [$low, $middle];
        }

        return $sums[$low - 1] ?? 0;
    }
}
