<?php

declare(strict_types=1);

namespace App\Deleting;

use App\Changes\Changed;
use App\Database\InTransaction;
use App\Looks\ReadLooks;
use App\Models\Coupon;
use App\Models\DisplayPlacement;
use App\Models\Look;
use App\Models\Offer;
use App\Models\OrderLine;
use App\Models\Placement;
use App\Models\PriceTable;
use App\Models\Product;
use App\Models\Shelf;
use App\Models\Shop;
use App\Time\Clock;
use Illuminate\Database\Eloquent\Builder;

/** Deletes a thing of a shop, and takes it back. */
final readonly class Delete
{
    public function __construct(
        private Changed $changed,
        private ReadLooks $looks,
        private InTransaction $inTransaction,
        private Clock $clock,
    ) {}

    /** @throws CantDelete */
    public function __invoke(Shop $shop, Deletable $kind, int $id): void
    {
        $this->change($shop, $kind, $id, function (Product|Placement|DisplayPlacement|PriceTable|Shelf|Coupon|Look $thing) use ($shop): void {
            if ($thing->deleted_at !== null) {
                return;
            }
            $this->mustBeFree($shop, $thing);
            $now = $this->clock->now();
            $thing->update(['deleted_at' => $now] + ($thing instanceof Product ? ['is_draft' => true, 'was_for_sale' => ! $thing->is_draft] : []));
            if ($thing instanceof PriceTable) {
                // Each of its columns is a place.
                $thing->columns()->get()->each(static fn (Placement $column): bool => $column->update(['deleted_at' => $now]));
            }
            if ($thing instanceof PriceTable || $thing instanceof Shelf) {
                $thing->places()->get()->each(static fn (DisplayPlacement $place): bool => $place->update(['deleted_at' => $now]));
            }
        });
    }

    /** @throws CantDelete */
    public function takeBack(Shop $shop, Deletable $kind, int $id): void
    {
        $this->change($shop, $kind, $id, function (Product|Placement|DisplayPlacement|PriceTable|Shelf|Coupon|Look $thing): void {
            $at = $thing->deleted_at;
            if ($at === null) {
                return;
            }
            if ($at->lessThan($this->clock->now()->subDays(Deletable::DAYS))) {
                throw CantDelete::tooLongAgo();
            }
            $thing->update(['deleted_at' => null] + ($thing instanceof Product ? ['is_draft' => $thing->was_for_sale !== true, 'was_for_sale' => null] : []));
            if ($thing instanceof PriceTable) {
                Placement::withDeleted()->where(['price_table_id' => $thing->id, 'deleted_at' => $at])->get()->each(static fn (Placement $column): bool => $column->update(['deleted_at' => null]));
            }
            if ($thing instanceof PriceTable || $thing instanceof Shelf) {
                DisplayPlacement::withDeleted()->where([$thing instanceof Shelf ? 'shelf_id' : 'whole_table_id' => $thing->id, 'deleted_at' => $at])->get()->each(static fn (DisplayPlacement $place): bool => $place->update(['deleted_at' => null]));
            }
        });
    }

    /**
     * @param  callable(Product|Placement|DisplayPlacement|PriceTable|Shelf|Coupon|Look): void  $change
     *
     * @throws CantDelete
     */
    private function change(Shop $shop, Deletable $kind, int $id, callable $change): void
    {
        ($this->inTransaction)(function () use ($shop, $kind, $id, $change): void {
            $thing = $kind->things($shop)->whereKey($id)->lockForUpdate()->first() ?? throw CantDelete::notThere();
            $change($thing);
            match (true) {
                $thing instanceof Product => $this->changed->product($thing),
                $thing instanceof Look => $this->changed->look($thing),
                $thing instanceof Placement => $this->changed->offer(Offer::query()->findOrFail($thing->offer_id)),
                default => $this->changed->shop($shop),
            };
        });
    }

    /** @throws CantDelete */
    private function mustBeFree(Shop $shop, Product|Placement|DisplayPlacement|PriceTable|Shelf|Coupon|Look $thing): void
    {
        if ($thing instanceof Product && OrderLine::query()->where('product_id', $thing->id)->exists()) {
            throw CantDelete::ordered($thing->name);
        }
        if (! $thing instanceof Look) {
            return;
        }
        $offers = Offer::query()->where('shop_id', $shop->id)->where(static fn (Builder $either) => $either->where('look_id', $thing->id)->orWhereHas('placements', static fn (Builder $placements) => $placements->where('look_id', $thing->id)))->count();
        if ($thing->id === ($this->looks)($shop)->usual()->id) {
            throw CantDelete::defaultLook();
        }
        if ($offers > 0) {
            throw CantDelete::wornLook($offers);
        }
    }
}
