<?php

declare(strict_types=1);

namespace App\Offers;

use App\Changes\Subject;
use App\Looks\LookBook;
use App\Looks\ReadLooks;
use App\Models\Offer;
use App\Models\PriceTable;
use App\Models\Shop;
use App\Time\Clock;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use PaperKite\Time\Moment;

/** Holds every copy that was taken against what its offer says now, and marks those that no longer say it. */
final readonly class RecheckCopies
{
    /** So many that a job of them ends within seconds. */
    private const AT_ONCE = 100;

    public function __construct(
        private ReadLooks $looks,
        private Clock $clock,
    ) {}

    /** @param  Offer  $offer  with all that its sentence needs */
    public function ofOffer(Offer $offer, Shop $shop): void
    {
        $this->hold(new Collection([$offer]), $shop, ($this->looks)($shop));
    }

    public function ofShop(Shop $shop): void
    {
        for ($after = 0; $after !== null;) {
            $after = $this->some($shop, Subject::Shop, $shop->id, $after);
        }
    }

    /**
     * Looks at some of the offers that a change may touch.
     *
     * @param  int  $after  an offer's id; 0 to begin
     * @return int|null the offer to go on after; `null` at the end
     */
    public function some(Shop $shop, Subject $changed, int $id, int $after): ?int
    {
        $looks = ($this->looks)($shop);
        $offers = Offer::query()->where('shop_id', $shop->id)->where('id', '>', $after)
            ->whereHas('placements', static fn (Builder $placements) => $placements->whereNotNull('copied')->orWhereNotNull('price_table_id'))
            ->tap(static fn (Builder $query) => self::touchedBy($query, $changed, $id, $looks))
            ->with(Offer::TOLD_WITH)->orderBy('id')->limit(self::AT_ONCE)->get();
        $this->hold($offers, $shop, $looks);

        return $offers->count() < self::AT_ONCE ? null : $offers->last()?->id;
    }

    /**
     * @param  Builder<Offer>  $offers
     * @return Builder<Offer>
     */
    private static function touchedBy(Builder $offers, Subject $changed, int $id, LookBook $looks): Builder
    {
        return match ($changed) {
            Subject::Shop => $offers,
            Subject::Offer => $offers->whereKey($id),
            Subject::Product => $offers->whereRelation('lines', 'product_id', $id),
            Subject::Look => $offers->where(static fn (Builder $either) => $either->where('look_id', $id)->orWhereHas('placements', static fn (Builder $placements) => $placements->where('look_id', $id))
                ->when($looks->usual()->id === $id, static fn (Builder $query) => $query->orWhereNull('look_id'))),
        };
    }

    /** @param  Collection<int, Offer>  $offers */
    private function hold(Collection $offers, Shop $shop, LookBook $looks): void
    {
        $at = $this->clock->moment();
        $tables = [];
        foreach ($offers as $offer) {
            $snippets = OfferSnippets::of($offer, $shop, $looks, $at);
            foreach ($offer->placements as $placement) {
                $tables[] = $placement->price_table_id;
                $isStale = $snippets->isStale($placement);
                if ($isStale !== $placement->is_stale) {
                    $placement->update(['is_stale' => $isStale]);
                }
            }
        }
        $this->tables($shop, array_values(array_unique(array_filter($tables))), $looks, $at);
    }

    /** @param  list<int>  $ids */
    private function tables(Shop $shop, array $ids, LookBook $looks, Moment $at): void
    {
        if ($ids === []) {
            return;
        }
        $tables = PriceTable::query()->where('shop_id', $shop->id)->whereKey($ids)->whereNotNull('copied')->with(PriceTable::TOLD_WITH)->get();
        foreach ($tables as $table) {
            $table->update(['is_stale' => TableSnippet::isStale($table, $shop, $looks, $at)]);
        }
    }
}
