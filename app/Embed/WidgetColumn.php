<?php

declare(strict_types=1);

namespace App\Embed;

use App\Models\Placement;
use App\Models\Shop;
use App\Shopfront\ColumnView;
use OpenApi\Attributes as OA;
use PaperKite\Time\Moment;

#[OA\Schema(schema: 'WidgetColumn', description: 'A column of a price table.')]
final readonly class WidgetColumn
{
    /**
     * @param  list<string>  $names
     * @param  list<string>  $lines
     */
    private function __construct(
        #[OA\Property(description: 'What it is called; several where it is called as its goods are.', type: 'array', items: new OA\Items(type: 'string'))]
        public array $names,
        #[OA\Property(description: 'What is said of it; a blank one keeps its row free.', type: 'array', items: new OA\Items(type: 'string'))]
        public array $lines,
        #[OA\Property(description: 'Beside the price; blank: nothing.')]
        public string $price_note,
        #[OA\Property]
        public bool $is_stressed,
        #[OA\Property]
        public WidgetData $widget,
    ) {}

    public static function of(Placement $column, Shop $shop, WidgetData $widget, Moment $at): self
    {
        $says = ColumnView::of($column, $shop, $at);

        return new self($says->names, $says->lines, $says->priceNote, $column->is_stressed === true, $widget);
    }
}
