<?php

declare(strict_types=1);

namespace App\Finding;

use App\Database\InTransaction;
use App\Models\Placement;
use App\Models\Shop;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Query\Builder as Rows;
use PaperKite\Text\SearchWords;

/** Writes down the words by which things are found: those that a seller sees of them in a list. */
final readonly class WriteWords
{
    private const ROWS_AT_ONCE = 5_000;

    /** Of a name where it is found, in columns of a terminal. */
    private const LONGEST_SHOWN = 180;

    /** @var list<SaidOf> */
    private array $said;

    public function __construct(
        private ConnectionInterface $db,
        private InTransaction $inTransaction,
        SaidOf ...$said,
    ) {
        $this->said = array_values($said);
    }

    /**
     * Whoever writes the words of the same thing waits, and then reads what stands by then.
     *
     * @param  list<int>  $ids  of things of the shop; those that are gone lose their words
     */
    public function of(Kind $kind, Shop $shop, array $ids): void
    {
        ($this->inTransaction)(function () use ($kind, $shop, $ids): void {
            sort($ids);
            $this->db->table($kind->table())->where('shop_id', $shop->id)->whereIn('id', $ids)->orderBy('id')->lockForUpdate()->pluck('id');
            $this->write($kind, $shop, $ids);
            if ($kind === Kind::Offer) {
                $this->nameAlike($ids);
                $this->ofWhatShowsThem($shop, $ids);
            }
        });
    }

    /**
     * In the list of offers, which can be in the order of their names.
     *
     * @param  list<int>  $offers
     */
    private function nameAlike(array $offers): void
    {
        $this->db->table('offers')->join('search_things', 'search_things.thing_id', '=', 'offers.id')->where('search_things.kind', Kind::Offer->value)->whereIn('offers.id', $offers)
            ->update(['called' => $this->db->raw('label')]);
    }

    /**
     * Places and price tables say what their offers say.
     *
     * @param  list<int>  $offers
     */
    private function ofWhatShowsThem(Shop $shop, array $offers): void
    {
        $places = Placement::withDeleted()->whereIn('offer_id', $offers)->get(['id', 'price_table_id']);
        $this->write(Kind::Placement, $shop, array_values($places->map(static fn (Placement $place): int => $place->id)->all()));
        $this->write(Kind::PriceTable, $shop, array_values(array_filter($places->map(static fn (Placement $place): ?int => $place->price_table_id)->unique()->all(), is_int(...))));
    }

    /** @param  list<int>  $ids */
    private function write(Kind $kind, Shop $shop, array $ids): void
    {
        if ($ids === []) {
            return;
        }
        $said = $this->saidOf($kind)->of($shop, $ids);
        $this->writeWords($kind, $shop, $ids, array_map(static fn (Said $one): SearchWords => SearchWords::of($one->text()), $said));
        $this->writeThings($kind, $shop, $said);
        $gone = array_values(array_diff($ids, array_keys($said)));
        if ($gone !== []) {
            $this->db->table('search_things')->where('kind', $kind->value)->whereIn('thing_id', $gone)->delete();
        }
    }

    /**
     * @param  list<int>  $ids
     * @param  array<int, SearchWords>  $words  by the id of the thing
     */
    private function writeWords(Kind $kind, Shop $shop, array $ids, array $words): void
    {
        $rows = [];
        foreach ($words as $id => $own) {
            foreach ($own->words as $word) {
                $rows["{$id} {$word}"] = ['shop_id' => $shop->id, 'kind' => $kind->value, 'thing_id' => $id, 'word' => $word];
            }
        }
        // What stays as it is is left alone: of a change of state that is nearly all.
        /** @var list<object{thing_id: int, word: string}> $there */
        $there = $this->db->table('search_words')->where('kind', $kind->value)->whereIn('thing_id', $ids)->get(['thing_id', 'word'])->all();
        $gone = [];
        foreach ($there as $row) {
            if (isset($rows["{$row->thing_id} {$row->word}"])) {
                unset($rows["{$row->thing_id} {$row->word}"]);
            } else {
                $gone[$row->thing_id][] = $row->word;
            }
        }
        $changed = array_keys($gone + array_column($rows, 'word', 'thing_id'));
        foreach ($gone as $id => $words) {
            $this->db->table('search_words')->where(['shop_id' => $shop->id, 'kind' => $kind->value, 'thing_id' => $id])->whereIn('word', $words)->delete();
        }
        foreach (array_chunk(array_values($rows), self::ROWS_AT_ONCE) as $some) {
            $this->db->table('search_words')->insertOrIgnore($some);
        }
        if ($changed !== []) {
            $this->db->table('word_changes')->insert(array_map(static fn (int $id): array => ['shop_id' => $shop->id, 'kind' => $kind->value, 'thing_id' => $id], $changed));
        }
    }

    /** @param  array<int, Said>  $said  by the id of the thing */
    private function writeThings(Kind $kind, Shop $shop, array $said): void
    {
        $rows = array_map(static fn (Said $one, int $id): array => [
            'shop_id' => $shop->id, 'kind' => $kind->value, 'thing_id' => $id, 'of_id' => $one->of,
            'code' => $one->code === null ? null : FoundThing::codeOf($one->code),
            'label' => mb_strimwidth($one->label, 0, self::LONGEST_SHOWN, '…', 'UTF-8'), 'note' => mb_strimwidth($one->note, 0, self::LONGEST_SHOWN, '…', 'UTF-8'),
        ], $said, array_keys($said));
        $this->db->table('search_things')->upsert($rows, ['kind', 'thing_id'], ['of_id', 'code', 'label', 'note']);
    }

    /**
     * Things of a kind that have no words yet.
     *
     * @param  int  $after  the last one that was looked at
     * @return list<int> ids
     */
    public function missing(Kind $kind, Shop $shop, int $atMost, int $after = 0): array
    {
        $table = $kind->table();

        $things = $this->db->table($table)->where('shop_id', $shop->id)->where('id', '>', $after);
        if ($kind === Kind::Placement) {
            // What shows several ways to buy is found by what it shows.
            $things->whereNotNull('offer_id');
        }
        if ($kind->canBeDeleted()) {
            $things->whereNull('deleted_at');
        }

        /** @var list<int> */
        return $things
            ->whereNotExists(static fn (Rows $things): Rows => $things->from('search_things')->whereColumn('thing_id', "{$table}.id")->where('kind', $kind->value))
            ->orderBy('id')->limit($atMost)->pluck('id')->all();
    }

    private function saidOf(Kind $kind): SaidOf
    {
        foreach ($this->said as $said) {
            if ($said->kind() === $kind) {
                return $said;
            }
        }
        throw new \LogicException("Nobody says what is read of a {$kind->name}.");
    }
}
