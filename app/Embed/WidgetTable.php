<?php

declare(strict_types=1);

namespace App\Embed;

use App\Models\DisplayPlacement;
use App\Models\Shop;
use OpenApi\Attributes as OA;

/** A price table as its page shows it now: offers side by side, each with its button. */
#[OA\Schema(schema: 'WidgetTable')]
final readonly class WidgetTable
{
    /** @param  list<WidgetColumn>  $columns */
    private function __construct(
        #[OA\Property(description: 'Of the placement.')]
        public string $code,
        #[OA\Property(description: 'Of the page with the same table; a whole address of the shop.')]
        public string $href,
        #[OA\Property]
        public string $name,
        #[OA\Property(description: 'Above the column that stands out; blank: nothing.')]
        public string $badge,
        #[OA\Property(description: 'In its place: what there is to say; blank: the columns are shown.')]
        public string $note,
        #[OA\Property(type: 'array', items: new OA\Items(ref: WidgetColumn::class))]
        public array $columns,
    ) {}

    /**
     * @param  DisplayPlacement  $display  with its price table
     * @param  list<WidgetColumn>  $columns
     */
    public static function of(DisplayPlacement $display, Shop $shop, array $columns): self
    {
        $table = $display->priceTable;
        $note = $display->paused_at === null ? '' : $shop->wording()->say('notice.paused');

        return new self($display->code, $display->link($shop)->url(), $table->name, $table->badge, $note, $note === '' ? $columns : []);
    }
}
