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
use Illuminate\Database\Eloquent\Builder;

/** What a seller can delete, and take back for a while. */
enum Deletable: string
{
    case Product = 'product';
    case Place = 'place';
    /** A place of a price table or a shelf. */
    case Display = 'display';
    case PriceTable = 'price_table';
    case Shelf = 'shelf';
    case Coupon = 'coupon';
    case Look = 'look';

    /** For how long it can be taken back. */
    public const DAYS = 30;

    public function label(): string
    {
        return match ($this) {
            self::Product => 'Product',
            self::Place, self::Display => 'Place',
            self::PriceTable => 'Price table',
            self::Shelf => 'Shelf',
            self::Coupon => 'Coupon',
            self::Look => 'Look',
        };
    }

    /** @return Builder<Product>|Builder<Placement>|Builder<DisplayPlacement>|Builder<PriceTable>|Builder<Shelf>|Builder<Coupon>|Builder<Look> of the shop, whether deleted or not */
    public function things(Shop $shop): Builder
    {
        $things = match ($this) {
            self::Product => Product::withDeleted(),
            self::Place => Placement::withDeleted(),
            self::Display => DisplayPlacement::withDeleted(),
            self::PriceTable => PriceTable::withDeleted(),
            self::Shelf => Shelf::withDeleted(),
            self::Coupon => Coupon::withDeleted(),
            self::Look => Look::withDeleted(),
        };

        return $things->where('shop_id', $shop->id);
    }

    /** What it is called, of its row. */
    public function nameOf(Product|Placement|DisplayPlacement|PriceTable|Shelf|Coupon|Look $thing): string
    {
        return match (true) {
            $thing instanceof Placement, $thing instanceof DisplayPlacement => $thing->page,
            $thing instanceof Coupon => $thing->code,
            default => $thing->name,
        };
    }
}
