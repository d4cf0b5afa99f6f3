<?php

declare(strict_types=1);

namespace App\Finding;

use App\Database\InTransaction;
use App\Database\OneAtATime;
use Illuminate\Database\ConnectionInterface;

/** Keeps the sets of common words as the words themselves are. */
final readonly class KeepWordSets
{
    private const NAME = 'word sets';

    private const CHANGES_AT_ONCE = 2_000;

    private const ROWS_AT_ONCE = 200;

    public function __construct(
        private ConnectionInterface $db,
        private InTransaction $inTransaction,
        private OneAtATime $oneAtATime,
    ) {}

    /** Takes up what was written since; so much at once may have made a word common. */
    public function takeUp(): void
    {
        $all = 0;
        do {
            $changes = ($this->oneAtATime)(self::NAME, fn (): int => ($this->inTransaction)($this->some(...)));
            $all += $changes;
        } while ($changes === self::CHANGES_AT_ONCE);
        if ($all >= WordSets::COMMON) {
            $this->begin();
        }
    }

    /** Begins a set for each word that has become common. */
    public function begin(): void
    {
        /** @var list<object{shop_id: int, kind: int, word: string}> $words */
        $words = $this->db->select('SELECT shop_id, kind, word FROM search_words GROUP BY shop_id, kind, word HAVING COUNT(*) >= ?', [WordSets::COMMON]);
        foreach ($words as $one) {
            ($this->oneAtATime)(self::NAME, fn () => ($this->inTransaction)(fn () => $this->beginOf($one->shop_id, $one->kind, $one->word)));
        }
    }

    private function beginOf(int $shop, int $kind, string $word): void
    {
        $of = ['shop_id' => $shop, 'kind' => $kind, 'word' => $word];
        if ($this->db->table('word_sets')->where($of)->exists()) {
            return;
        }
        $this->write($shop, $kind, $word, ThingSet::of(HavingWord::ids($this->db->table('search_words')->where($of)))->blocks);
    }

    /**
     * Words are read after what says that they have changed: a change that comes between is taken up by the next turn too.
     *
     * @return int how many changes it were
     */
    private function some(): int
    {
        /** @var list<object{id: int, shop_id: int, kind: int, thing_id: int}> $changes */
        $changes = $this->db->table('word_changes')->orderBy('id')->limit(self::CHANGES_AT_ONCE)->get()->all();
        $things = [];
        foreach ($changes as $change) {
            $things[$change->shop_id][$change->kind][$change->thing_id] = $change->thing_id;
        }
        foreach ($things as $shop => $kinds) {
            foreach ($kinds as $kind => $ids) {
                $this->bringUp($shop, $kind, array_values($ids));
            }
        }
        $this->db->table('word_changes')->whereIntegerInRaw('id', array_column($changes, 'id'))->delete();

        return count($changes);
    }

    /** @param  list<int>  $ids */
    private function bringUp(int $shop, int $kind, array $ids): void
    {
        $sets = $this->db->table('word_sets')->where(['shop_id' => $shop, 'kind' => $kind]);
        /** @var list<string> $words */
        $words = (clone $sets)->distinct()->pluck('word')->all();
        if ($words === []) {
            return;
        }
        $there = $having = array_fill_keys($words, []);
        /** @var list<object{word: string, block: int, things: string}> $rows */
        $rows = $sets->whereIn('word', $words)->whereIntegerInRaw('block', array_unique(array_map(ThingSet::blockOf(...), $ids)))->get(['word', 'block', 'things'])->all();
        foreach ($rows as $row) {
            $there[$row->word][$row->block] = $row->things;
        }
        /** @var list<object{word: string, thing_id: int}> $rows */
        $rows = $this->db->table('search_words')->where('kind', $kind)->whereIntegerInRaw('thing_id', $ids)->whereIn('word', $words)->get(['word', 'thing_id'])->all();
        foreach ($rows as $row) {
            $having[$row->word][] = $row->thing_id;
        }
        foreach ($words as $word) {
            $this->write($shop, $kind, $word, array_diff_assoc((new ThingSet($there[$word]))->without($ids)->with($having[$word])->blocks, $there[$word]));
        }
    }

    /** @param  array<int, string>  $blocks */
    private function write(int $shop, int $kind, string $word, array $blocks): void
    {
        $rows = array_map(static fn (string $things, int $block): array => ['shop_id' => $shop, 'kind' => $kind, 'word' => $word, 'block' => $block, 'things' => $things], $blocks, array_keys($blocks));
        foreach (array_chunk($rows, self::ROWS_AT_ONCE) as $some) {
            $this->db->table('word_sets')->upsert($some, ['shop_id', 'kind', 'word', 'block'], ['things']);
        }
    }
}
