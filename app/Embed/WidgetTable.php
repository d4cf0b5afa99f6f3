<?php

declare(strict_types=1);

namespace App\Embed;

use App\Models\Placement;
use App\Models\Shop;
use OpenApi\Attributes as OA;
use PaperKite\Time\Moment;

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

    public static function read(ReadTable $read, Shop $shop, WornLooks $looks, Moment $at): self
    {
        $table = $read->table;
        $note = $read->display->paused_at === null ? '' : $shop->wording()->say('notice.paused');

        return new self($read->display->code, $read->display->link($shop)->url(), $table->name, $table->badge, $note, $note !== '' ? [] : array_map(
            static fn (Placement $column): WidgetColumn => WidgetColumn::of($column, $shop, WidgetData::of($column, $shop, $looks->of($column), $at), $at),
            $read->columns,
        ));
    }
}
