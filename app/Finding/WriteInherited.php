<?php

declare(strict_types=1);

namespace App\Finding;

use App\Changes\Subject;
use App\Models\Offer;
use App\Models\Shelf;
use App\Models\Shop;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Foundation\Bus\Dispatchable;

/** What an offer says of its goods, its look and its shop is found under their new names too, some offers at a time. */
final class WriteInherited implements ShouldQueue
{
    use Dispatchable;

    private const AT_ONCE = 100;

    public int $tries = 5;

    /** @param  int  $after  the last offer that was written */
    public function __construct(
        public readonly int $shopId,
        public readonly Subject $kind,
        public readonly int $subjectId,
        public readonly int $after = 0,
    ) {}

    public function handle(WriteWords $write): void
    {
        $shop = Shop::query()->whereKey($this->shopId)->firstOrFail();
        $offers = Offer::query()->where('shop_id', $shop->id)->where('id', '>', $this->after)
            ->when($this->kind === Subject::Product, fn (Builder $query) => $query->whereRelation('lines', 'product_id', $this->subjectId))
            // The look that is used by default is that of every offer that names none.
            ->when($this->kind === Subject::Look, fn (Builder $query) => $query->where(fn (Builder $either) => $either->whereNull('look_id')->orWhere('look_id', $this->subjectId)))
            ->orderBy('id')->limit(self::AT_ONCE)->get(['id'])->map(static fn (Offer $offer): int => $offer->id)->all();
        $write->of(Kind::Offer, $shop, array_values($offers));
        if ($this->kind === Subject::Product && $this->after === 0) {
            $write->of(Kind::Shelf, $shop, array_values(Shelf::query()->where('shop_id', $shop->id)->whereRelation('picked', 'products.id', $this->subjectId)->get(['id'])->map(static fn (Shelf $shelf): int => $shelf->id)->all()));
        }
        if (count($offers) === self::AT_ONCE) {
            self::dispatch($this->shopId, $this->kind, $this->subjectId, max($offers));
        }
    }
}
