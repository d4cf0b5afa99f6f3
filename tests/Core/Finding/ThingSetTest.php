<?php

declare(strict_types=1);

namespace Tests\Core\Finding;

use App\Finding\ThingSet;
use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;

/** A set of things holds what a list of their ids holds. */
final class ThingSetTest extends TestCase
{
    use TestTrait;

    private const ALL = PHP_INT_MAX;

    public function test_what_is_done_with_sets_is_what_is_done_with_lists(): void
    {
        // Few ids for the same blocks, and the same bytes of them.
        $ids = Generators::seq(Generators::oneOf(Generators::choose(0, 40), Generators::choose(4_080, 4_110), Generators::choose(0, 10_000_000)));
        $this->forAll($ids, $ids, Generators::choose(1, 20))->then(function (array $some, array $others, int $most): void {
            [$some, $others] = [array_values(array_filter($some, is_int(...))), array_values(array_filter($others, is_int(...)))];
            $set = ThingSet::of($some);

            self::assertSame(self::list($some), $set->highest(self::ALL));
            self::assertSame(array_slice(self::list($some), 0, $most), $set->highest($most));
            self::assertSame(self::list([...$some, ...$others]), $set->with($others)->highest(self::ALL));
            self::assertSame(self::list([...$some, ...$others]), $set->or(ThingSet::of($others))->highest(self::ALL));
            self::assertSame(self::list(array_diff($some, $others)), $set->without($others)->highest(self::ALL));
            self::assertSame(self::list(array_intersect($some, $others)), $set->and(ThingSet::of($others))->highest(self::ALL));
            self::assertSame(self::list($some), $set->highest(self::ALL), 'What is made of a set leaves it as it is.');
            self::assertSame([], array_filter($set->blocks, static fn (string $bits): bool => strlen($bits) !== 512));
        });
    }

    /**
     * @param  array<int>  $ids
     * @return list<int>
     */
    private static function list(array $ids): array
    {
        $ids = array_unique($ids);
        rsort($ids);

        return $ids;
    }
}
