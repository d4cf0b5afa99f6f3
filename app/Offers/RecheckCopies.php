<?php

declare(strict_types=1);

namespace App\Offers;

use App\Models\Look;
use App\Models\Offer;
use App\Models\Placement;
use App\Models\PriceTable;
use App\Models\Product;
use App\Models\Shop;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use PaperKite\Medium\Media;

/** Holds every copy that was taken against what its offer says now, and marks those that no longer say it. */
final readonly class RecheckCopies
{
    private const AT_ONCE = 100;

    /** @param  Offer  $offer  with all that its sentence needs */
    public function ofOffer(Offer $offer, Shop $shop): void
    {
        $this->hold($offer, $shop, LookBook::of($shop));
        $this->tables($shop, array_values(array_filter($offer->placements->map(static fn (Placement $placement): ?int => $placement->price_table_id)->all())));
    }

    public function ofLook(Look $look, Shop $shop): void
    {
        $isUsual = LookBook::of($shop)->usual()->id === $look->id;
        $this->among($shop, static fn (Builder $offers) => $offers->where(static fn (Builder $either) => $either->where('look_id', $look->id)->when($isUsual, static fn (Builder $query) => $query->orWhereNull('look_id'))));
    }

    public function ofProduct(Product $product, Shop $shop): void
    {
        $this->among($shop, static fn (Builder $offers) => $offers->whereRelation('lines', 'product_id', $product->id));
    }

    public function ofShop(Shop $shop): void
    {
        $this->among($shop, static fn (Builder $offers) => $offers);
    }

    /** @param  callable(Builder<Offer>): mixed  $which */
    private function among(Shop $shop, callable $which): void
    {
        $looks = LookBook::of($shop);
        $copied = Offer::query()->where('shop_id', $shop->id)
            ->whereHas('placements', static fn (Builder $placements) => $placements->whereNotNull('copied')->orWhereNotNull('price_table_id'))
            ->tap($which)
            ->with(Offer::TOLD_WITH);
        $tables = [];
        $copied->chunkById(self::AT_ONCE, /** @param  Collection<int, Offer>  $offers */ function (Collection $offers) use ($shop, $looks, &$tables): void {
            foreach ($offers as $offer) {
                $this->hold($offer, $shop, $looks);
                array_push($tables, ...array_filter($offer->placements->map(static fn (Placement $placement): ?int => $placement->price_table_id)->all()));
            }
        });
        $this->tables($shop, array_values(array_unique($tables)));
    }

    private function hold(Offer $offer, Shop $shop, LookBook $looks): void
    {
        $snippets = OfferSnippets::of($offer, $shop, $looks->chosen($offer->look_id)->values);
        foreach ($offer->placements as $placement) {
            $isStale = $placement->copied !== null && ! Media::get($placement->medium)->isLive() && $placement->price_table_id === null && $snippets->digest($placement) !== $placement->copied;
            if ($isStale !== $placement->is_stale) {
                $placement->update(['is_stale' => $isStale]);
            }
        }
    }

    /** @param  list<int>  $ids */
    private function tables(Shop $shop, array $ids): void
    {
        if ($ids === []) {
            return;
        }
        $tables = PriceTable::query()->where('shop_id', $shop->id)->whereKey($ids)->whereNotNull('copied')->with(PriceTable::TOLD_WITH)->get();
        $looks = LookBook::of($shop);
        foreach ($tables as $table) {
            $table->update(['is_stale' => hash('sha256', TableSnippet::of($table, $shop, $looks)) !== $table->copied]);
        }
    }
}
