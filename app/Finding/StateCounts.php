<?php

declare(strict_types=1);

namespace App\Finding;

use App\Models\Shop;
use Illuminate\Database\Query\Builder as Rows;
use Illuminate\Support\Facades\DB;

/** How many things of a shop are in which state, as the database has it written down: to count a million takes too long. */
final class StateCounts
{
    /** Orders are counted by so many numbers, of which each order has one. */
    public const BLOCK = 8_192;

    /** @return array<string, int> by state, where there are any; of orders both states with a slash between */
    public static function of(Shop $shop, Kind $kind): array
    {
        return self::by(DB::table('state_counts')->where(['shop_id' => $shop->id, 'kind' => $kind->value])->selectRaw('state, SUM(more) AS things'));
    }

    /**
     * Of how many things a shop has in some states, as a query for `things`.
     *
     * @param  list<string>|null  $states  `null`: in any
     */
    public static function sum(Shop $shop, Kind $kind, ?array $states = null): Rows
    {
        return self::in($shop, $kind, $states)->selectRaw('COALESCE(SUM(more), 0) AS things');
    }

    /**
     * Of how many things a shop has in some states, by blocks of their numbers.
     *
     * @param  list<string>  $states
     * @return array<int, int> by the number that a block begins with, the highest first
     */
    public static function inBlocks(Shop $shop, Kind $kind, array $states): array
    {
        /** @var list<object{block: int, things: string}> $blocks */
        $blocks = self::in($shop, $kind, $states)->selectRaw('block, SUM(more) AS things')->groupBy('block')->orderByDesc('block')->get()->all();

        return array_combine(array_map(static fn (object $block): int => $block->block * self::BLOCK, $blocks), array_map(static fn (object $block): int => (int) $block->things, $blocks));
    }

    /** @param  list<string>|null  $states */
    private static function in(Shop $shop, Kind $kind, ?array $states): Rows
    {
        return DB::table('state_counts')->where(['shop_id' => $shop->id, 'kind' => $kind->value])
            ->when($states !== null, static fn (Rows $counts) => $counts->whereIn('state', $states));
    }

    /**
     * The same of what a search finds, counted one by one.
     *
     * @param  Rows  $things  of the shop
     * @param  literal-string  $state  the state of a row, in SQL
     * @return array<string, int>|null `null` where more is found than is counted
     */
    public static function found(Rows $things, string $state, Shop $shop, Kind $kind, string $typed): ?array
    {
        $ids = FindByWords::ids($shop, $kind, WordCounts::of($shop, $kind, $typed));

        return count($ids) > FindByWords::MOST_COUNTED ? null : self::by($things->whereIntegerInRaw("{$kind->table()}.id", $ids)->selectRaw("{$state} AS state, COUNT(*) AS things"));
    }

    /** @return array<string, int> */
    private static function by(Rows $rows): array
    {
        $counts = [];
        foreach ($rows->groupBy('state')->pluck('things', 'state')->all() as $state => $things) {
            $counts[(string) $state] = is_numeric($things) ? (int) $things : 0;
        }

        return array_filter($counts);
    }
}
