<?php

declare(strict_types=1);

namespace App\Deleting;

use App\Models\Coupon;
use App\Models\DisplayPlacement;
use App\Models\Look;
use App\Models\Placement;
use App\Models\PriceTable;
use App\Models\Product;
use App\Models\Shelf;
use App\Models\Shop;
use App\Time\Clock;
use Illuminate\Database\Eloquent\Builder;

/** What a shop can still take back, what was deleted last first. */
final readonly class ListDeleted
{
    private const MOST_OF_EACH = 100;

    public function __construct(private Clock $clock) {}

    /** @return list<Deleted> */
    public function __invoke(Shop $shop): array
    {
        $since = $this->clock->now()->subDays(Deletable::DAYS);
        $deleted = [];
        foreach (Deletable::cases() as $kind) {
            $things = $kind->things($shop)->where('deleted_at', '>=', $since)->orderByDesc('deleted_at')->limit(self::MOST_OF_EACH);
            if ($kind === Deletable::Place) {
                // The columns of a table come back with it.
                $things->whereNull('price_table_id');
            }
            if ($kind === Deletable::Display) {
                $things->where(static fn (Builder $of) => $of->whereRelation('priceTable', 'price_tables.deleted_at', null)->orWhereRelation('shelf', 'shelves.deleted_at', null));
            }
            foreach ($things->get() as $thing) {
                $deleted[] = $this->one($kind, $thing);
            }
        }
        usort($deleted, static fn (Deleted $a, Deleted $b): int => $b->at <=> $a->at);

        return $deleted;
    }

    private function one(Deletable $kind, Product|Placement|DisplayPlacement|PriceTable|Shelf|Coupon|Look $thing): Deleted
    {
        return new Deleted($kind, $thing->id, $kind->nameOf($thing), $thing->deleted_at ?? throw new \LogicException('What is listed was deleted.'));
    }
}
