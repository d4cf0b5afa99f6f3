<?php

declare(strict_types=1);

namespace App\Finding;

use App\Models\Shop;
use Illuminate\Database\Query\Builder as Rows;
use PaperKite\Text\SearchWords;

/** How many things of a kind have each word that was typed, counted as far as makes a difference, once somebody asks. */
final class WordCounts
{
    /** So far it is counted how many have a word: what more have is mostly found quickest by going through the things. */
    public const MANY = 12_000;

    /** @var list<string> as they were typed */
    public readonly array $words;

    /** @param  list<int>|null  $things  how many have each, in the order of the words; `null`: not counted yet */
    private function __construct(
        private readonly Shop $shop,
        private readonly Kind $kind,
        string $typed,
        private readonly int $most,
        private ?array $things = null,
    ) {
        $this->words = SearchWords::asked($typed)->words;
    }

    public static function of(Shop $shop, Kind $kind, string $typed): self
    {
        return new self($shop, $kind, $typed, self::MANY);
    }

    /**
     * Counted in one query.
     *
     * @param  list<Kind>  $kinds
     * @param  int  $most  so far each word is counted
     * @return array<int, self> by kind
     */
    public static function ofEach(Shop $shop, array $kinds, string $typed, int $most): array
    {
        $things = self::counted($shop, $kinds, SearchWords::asked($typed)->words, $most);

        return array_combine(array_column($kinds, 'value'), array_map(static fn (Kind $kind): self => new self($shop, $kind, $typed, $most, $things[$kind->value] ?? []), $kinds));
    }

    public function isOneWord(): bool
    {
        return count($this->words) === 1;
    }

    /** @return list<string> the words, that of the fewest things first */
    public function rarestFirst(): array
    {
        if (count($this->words) < 2) {
            return $this->words;
        }
        $things = $this->things();
        asort($things);

        return array_map(fn (int $at): string => $this->words[$at], array_keys($things));
    }

    /** How many have the rarest of the words. */
    public function fewest(): int
    {
        return min([$this->most, ...$this->things()]);
    }

    /** @return list<bool> whether so many have each word that each thing is better asked for it, in the order of the words */
    public function often(): array
    {
        return array_map(fn (int $some): bool => $some >= $this->most, $this->things());
    }

    /** Whether so many have every word that to collect them all would take long. */
    public function areCommon(): bool
    {
        return $this->things() !== [] && min($this->things()) >= $this->most;
    }

    /** @return list<int> */
    private function things(): array
    {
        return $this->things ??= self::counted($this->shop, [$this->kind], $this->words, $this->most)[$this->kind->value] ?? [];
    }

    /**
     * @param  list<Kind>  $kinds
     * @param  list<string>  $words
     * @return array<int, list<int>> by kind, in the order of the words
     */
    private static function counted(Shop $shop, array $kinds, array $words, int $most): array
    {
        $counts = [];
        foreach ($kinds as $kind) {
            foreach ($words as $at => $word) {
                $some = HavingWord::of($shop, $kind, $word)->selectRaw('1')->limit($most);
                $counts[] = $some->newQuery()->fromSub($some, 'some')->selectRaw("{$kind->value} AS kind, {$at} AS place, COUNT(*) AS things");
            }
        }
        $first = array_shift($counts);
        if ($first === null) {
            return [];
        }
        $all = array_reduce($counts, static fn (Rows $union, Rows $one): Rows => $union->unionAll($one), $first);
        /** @var list<object{kind: int, place: int, things: int}> $rows */
        $rows = $first->newQuery()->fromSub($all, 'counts')->orderBy('kind')->orderBy('place')->get()->all();
        $things = [];
        foreach ($rows as $row) {
            $things[$row->kind][] = $row->things;
        }

        return $things;
    }
}
