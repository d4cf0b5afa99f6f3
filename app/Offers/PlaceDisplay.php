<?php

declare(strict_types=1);

namespace App\Offers;

use App\Models\DisplayPlacement;
use App\Models\PriceTable;
use PaperKite\Link\PlacementCode;
use PaperKite\Medium\Widget;

/** Puts a whole price table in a place under a code that no placement has had before. */
final readonly class PlaceDisplay
{
    public function __construct(private FreshCode $fresh) {}

    /** @param  string  $page  what the seller calls the place */
    public function table(PriceTable $table, string $page): DisplayPlacement
    {
        return ($this->fresh)(static fn (PlacementCode $code): DisplayPlacement => DisplayPlacement::query()->create([
            'shop_id' => $table->shop_id, 'whole_table_id' => $table->id, 'page' => $page, 'medium' => (new Widget)->key(), 'code' => $code->text,
        ]));
    }
}
