<?php

declare(strict_types=1);

namespace App\Offers;

use App\Models\DisplayPlacement;
use App\Models\PriceTable;
use App\Models\Shelf;
use PaperKite\Link\PlacementCode;
use PaperKite\Medium\Widget;

/** Puts a whole price table, or a shelf, in a place under a code that no placement has had before. */
final readonly class PlaceDisplay
{
    public function __construct(private FreshCode $fresh) {}

    /** @param  string  $page  what the seller calls the place */
    public function shelf(Shelf $shelf, string $page): DisplayPlacement
    {
        return $this->placed(['shop_id' => $shelf->shop_id, 'shelf_id' => $shelf->id, 'page' => $page]);
    }

    /** @param  string  $page  what the seller calls the place */
    public function table(PriceTable $table, string $page): DisplayPlacement
    {
        return $this->placed(['shop_id' => $table->shop_id, 'whole_table_id' => $table->id, 'page' => $page]);
    }

    /** @param  array<string, int|string>  $as */
    private function placed(array $as): DisplayPlacement
    {
        return ($this->fresh)(static fn (PlacementCode $code): DisplayPlacement => DisplayPlacement::query()->create($as + ['medium' => (new Widget)->key(), 'code' => $code->text]));
    }
}
