<?php

declare(strict_types=1);

namespace App\Http\Console\Displays;

use App\Embed\ReadTable;
use App\Embed\WidgetTable;
use App\Embed\WornLooks;
use App\Looks\ReadLooks;
use App\Models\DisplayPlacement;
use App\Models\OfferLine;
use App\Models\Placement;
use App\Models\PriceTable;
use App\Models\Product;
use App\Models\Shop;
use App\Time\Clock;
use Illuminate\Database\Eloquent\Collection;
use PaperKite\Link\PlacementCode;
use PaperKite\Offer\OfferState;
use Random\Randomizer;

/** What the widget of a price table shows, of one that may not be saved. */
final readonly class TableProof
{
    public function __construct(
        private ReadLooks $looks,
        private Clock $clock,
    ) {}

    /** @param  PriceTable  $table  with its columns and all that they need */
    public function __invoke(PriceTable $table, Shop $shop): WidgetTable
    {
        $display = (new DisplayPlacement)->forceFill(['shop_id' => $shop->id, 'code' => PlacementCode::random(new Randomizer)->text])->setRelation('priceTable', $table);
        $shown = $table->columns->filter(static fn (Placement $column): bool => in_array($column->offer->state, [OfferState::Live, OfferState::Paused], true));
        (new Collection($shown->flatMap(static fn (Placement $column) => $column->offer->lines->map(static fn (OfferLine $line): Product => $line->product))->all()))->load('variants.picture');
        $columns = array_values($shown->map(static function (Placement $column) use ($display, $shop): Placement {
            $column->offer->setRelation('shop', $shop);

            return $column->clickedIn($display);
        })->all());

        return WidgetTable::read(new ReadTable($display, $table, $columns), $shop, new WornLooks(($this->looks)($shop), $shop->base()), $this->clock->moment());
    }
}
