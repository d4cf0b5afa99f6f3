<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use App\Embed\WidgetTable;
use App\Embed\WidgetWords;
use App\Models\Placement;
use App\Models\PriceTable;
use App\Models\Shop;
use App\Offers\ColumnCaution;
use OpenApi\Attributes as OA;
use PaperKite\Medium\TableEntry;

/** What there is to say of a price table that may not be saved yet. */
#[OA\Schema(schema: 'PriceTableTrial')]
final readonly class PriceTableTrialResource
{
    private function __construct(
        #[OA\Property(description: 'Sentences by field.', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string'))]
        public object $errors,
        #[OA\Property(description: 'Why the button of an offer sells nothing now, by the offer’s number.', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string'))]
        public object $cautions,
        #[OA\Property(description: 'The table as a widget will show it.')]
        public WidgetTable $table,
        #[OA\Property]
        public WidgetWords $words,
    ) {}

    /** @param  PriceTable  $table  as the entry would make it, with its columns and their offers */
    public static function of(TableEntry $entry, PriceTable $table, WidgetTable $widget, Shop $shop): self
    {
        $cautions = $table->columns->mapWithKeys(static fn (Placement $column): array => [$column->offer_id => ColumnCaution::of($column->offer)])->all();

        return new self((object) $entry->errors, (object) array_filter($cautions), $widget, WidgetWords::of($shop));
    }
}
