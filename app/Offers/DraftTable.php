<?php

declare(strict_types=1);

namespace App\Offers;

use App\Models\Offer;
use App\Models\Placement;
use App\Models\PriceTable;
use App\Models\Shop;
use PaperKite\Link\PlacementCode;
use PaperKite\Medium\InTable;
use PaperKite\Medium\TableEntry;
use Random\Randomizer;

/** A price table as its form would make it: nothing is saved, and its links lead nowhere. */
final class DraftTable
{
    /** @return PriceTable with all that its columns need; without those whose offer is not there, or sells nothing */
    public function __invoke(Shop $shop, TableEntry $entry): PriceTable
    {
        $ids = array_map(static fn ($column): int => $column->offer, $entry->columns);
        $with = array_map(static fn (string $relation): string => substr($relation, strlen('columns.offer.')), PriceTable::TOLD_WITH);
        $offers = Offer::query()->where('shop_id', $shop->id)->whereKey($ids)->whereHas('lines')->with(array_values($with))->get()->keyBy('id');
        $table = (new PriceTable)->forceFill(['name' => $entry->name === '' ? 'A price table' : $entry->name, 'badge' => $entry->badge]);
        $columns = [];
        foreach ($entry->columns as $column) {
            $offer = $offers->get($column->offer);
            if ($offer instanceof Offer) {
                $columns[] = (new Placement)->forceFill([
                    'shop_id' => $shop->id, 'offer_id' => $offer->id, 'code' => PlacementCode::random(new Randomizer)->text, 'page' => $table->name, 'medium' => (new InTable)->key(),
                    'is_stressed' => $column->offer === $entry->stressed, 'column_name' => $column->name, 'column_text' => $column->text,
                ])->setRelation('offer', $offer);
            }
        }

        return $table->setRelation('columns', $table->newCollection($columns));
    }
}
