<?php

declare(strict_types=1);

namespace App\Finding;

use App\Database\InTransaction;
use App\Looks\ReadLooks;
use App\Models\Category;
use App\Models\Offer;
use App\Models\OfferLine;
use App\Models\Placement;
use App\Models\Product;
use App\Models\Shop;
use App\Models\Variant;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Eloquent\Collection;
use PaperKite\Offer\Sentence;
use PaperKite\Text\SearchWords;

/** Writes down the words by which things are found: those that a seller sees of them in a list. */
final readonly class WriteWords
{
    public function __construct(
        private ConnectionInterface $db,
        private ReadLooks $looks,
        private InTransaction $inTransaction,
    ) {}

    /** @param  Collection<int, Product>  $products */
    public function ofProducts(Collection $products): void
    {
        $products->loadMissing(['variants', 'categories']);
        $words = [];
        foreach ($products as $product) {
            $words[$product->id] = SearchWords::of(implode(' ', [
                $product->name,
                $product->sku,
                $product->kind->label(),
                ...$product->variants->map(static fn (Variant $variant): string => "{$variant->sku} ".implode(' ', $variant->choices))->all(),
                ...$product->categories->map(static fn (Category $category): string => $category->name)->all(),
            ]));
        }
        $this->write(Kind::Product, $products->pluck('shop_id', 'id')->all(), $words);
    }

    /**
     * By their sentence, with what it says by default; by their state, their places, and the SKUs of what they sell.
     * Whoever writes the words of the same offer waits, and then reads what stands by then.
     *
     * @param  list<int>  $ids  of offers of the shop
     */
    public function ofOffers(Shop $shop, array $ids): void
    {
        ($this->inTransaction)(function () use ($shop, $ids): void {
            $this->writeOffers($shop, Offer::query()->whereKey($ids)->orderBy('id')->lockForUpdate()->get());
        });
    }

    /** @param  Collection<int, Offer>  $offers  locked */
    private function writeOffers(Shop $shop, Collection $offers): void
    {
        $offers->load(Offer::TOLD_WITH);
        $looks = ($this->looks)($shop);
        $words = [];
        foreach ($offers as $offer) {
            $words[$offer->id] = SearchWords::of(implode(' ', [
                Sentence::decided($offer->toCore($shop, $looks->chosen($offer->look_id)->name))->text(),
                $offer->state->value,
                ...$offer->placements->map(static fn (Placement $placement): string => $placement->page)->all(),
                ...$offer->lines->map(static fn (OfferLine $line): string => "{$line->product->sku} {$line->variant?->sku}")->all(),
            ]));
        }
        $this->write(Kind::Offer, array_fill_keys($offers->modelKeys(), $shop->id), $words);
    }

    /**
     * @param  array<mixed>  $shops  by the id of the thing
     * @param  array<int, SearchWords>  $words  by the id of the thing
     */
    private function write(Kind $kind, array $shops, array $words): void
    {
        $rows = [];
        foreach ($words as $id => $own) {
            foreach ($own->words as $word) {
                $rows[] = ['shop_id' => $shops[$id], 'kind' => $kind->value, 'thing_id' => $id, 'word' => $word];
            }
        }
        $this->db->table('search_words')->where('kind', $kind->value)->whereIn('thing_id', array_keys($words))->delete();
        $this->db->table('search_words')->insertOrIgnore($rows);
    }
}
