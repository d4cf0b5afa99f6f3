<?php

declare(strict_types=1);

namespace App\Finding;

use App\Models\Shop;
use Illuminate\Database\Query\Builder as Rows;
use Illuminate\Support\Facades\DB;

/**
 * Finds what has several words by holding sets of things against each other. Those of common words are kept; what was
 * written since they were brought up to date is asked itself, so that what is found is what the words say.
 */
final class WordSets
{
    /** From so many things on a set is kept for a word. */
    public const COMMON = 4_000;

    /** So many are asked themselves; more come at once by an import alone, and no set goes by until they are taken up. */
    private const MOST_CHANGED = 2_000;

    /** So many things are read of words for which none is kept. */
    private const MOST_READ = 150_000;

    /** So many blocks of sets, of half a kilobyte each. */
    private const MOST_BLOCKS = 8_000;

    /**
     * @param  list<string>  $words  as they were typed: each begins one of the thing's
     * @return list<int>|null ids of what has them all, the highest first; `null`: there is too much to read, or no word
     */
    public static function having(Shop $shop, Kind $kind, array $words, int $most): ?array
    {
        // Before the sets are read: what is taken up meanwhile is in both.
        $changed = self::ids(self::in('word_changes', $shop, $kind)->distinct(), self::MOST_CHANGED);
        $all = null;
        foreach ($words as $word) {
            $set = self::of($shop, $kind, $word, $changed !== null);
            if ($set === null) {
                return null;
            }
            $all = $all?->and($set) ?? $set;
        }

        return $all?->without($changed ?? [])->with(HavingWord::among($changed ?? [], $kind, $words))->highest($most);
    }

    /** @param  bool  $byKept  whether the sets that are kept are gone by */
    private static function of(Shop $shop, Kind $kind, string $word, bool $byKept): ?ThingSet
    {
        /** @var list<object{word: string, block: int, things: string}> $rows */
        $rows = $byKept ? self::begun('word_sets', $shop, $kind, $word)->limit(self::MOST_BLOCKS + 1)->get(['word', 'block', 'things'])->all() : [];
        $others = count($rows) > self::MOST_BLOCKS ? null : self::ids(self::begun('search_words', $shop, $kind, $word)->whereNotIn('word', array_unique(array_column($rows, 'word'))), self::MOST_READ);
        if ($others === null) {
            return null;
        }
        $sets = [];
        foreach ($rows as $row) {
            $sets[$row->word][$row->block] = $row->things;
        }

        return array_reduce($sets, static fn (ThingSet $all, array $blocks): ThingSet => $all->or(new ThingSet($blocks)), ThingSet::of($others));
    }

    /** @return list<int>|null `null`: more than so many */
    private static function ids(Rows $things, int $most): ?array
    {
        $ids = HavingWord::ids($things->limit($most + 1));

        return count($ids) > $most ? null : $ids;
    }

    private static function begun(string $table, Shop $shop, Kind $kind, string $word): Rows
    {
        return self::in($table, $shop, $kind)->where('word', 'like', HavingWord::beginning($word));
    }

    private static function in(string $table, Shop $shop, Kind $kind): Rows
    {
        return DB::table($table)->where(['shop_id' => $shop->id, 'kind' => $kind->value]);
    }
}
