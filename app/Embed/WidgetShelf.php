<?php

declare(strict_types=1);

namespace App\Embed;

use App\Models\DisplayPlacement;
use App\Models\Product;
use App\Models\Shelf;
use App\Models\Shop;
use Illuminate\Pagination\LengthAwarePaginator;
use OpenApi\Attributes as OA;
use PaperKite\Shopfront\ShelfDensity;
use PaperKite\Time\Moment;

/** Several products, or a category, as its page shows them now: each with its button. */
#[OA\Schema(schema: 'WidgetShelf')]
final readonly class WidgetShelf
{
    /** @param  list<WidgetData>  $items */
    private function __construct(
        #[OA\Property(description: 'Of the placement.')]
        public string $code,
        #[OA\Property(description: 'Of the page with the same goods; a whole address of the shop.')]
        public string $href,
        #[OA\Property]
        public string $name,
        #[OA\Property(ref: '#/components/schemas/ShelfDensity')]
        public ShelfDensity $density,
        #[OA\Property(description: 'In its place: what there is to say; blank: the goods are shown.')]
        public string $note,
        #[OA\Property(description: 'Of this page.', type: 'array', items: new OA\Items(ref: WidgetData::class))]
        public array $items,
        #[OA\Property(description: 'From 1.')]
        public int $page,
        #[OA\Property]
        public int $pages,
        #[OA\Property(description: 'Which page of how many, in words.')]
        public string $where,
    ) {}

    /** @param  LengthAwarePaginator<int, Product>  $goods  with what their questions need */
    public static function of(DisplayPlacement $display, Shelf $shelf, LengthAwarePaginator $goods, Shop $shop, WidgetLook $look, Moment $at): self
    {
        $say = $shop->wording();
        $note = match (true) {
            $display->paused_at !== null => $say->say('notice.paused'),
            $goods->total() === 0 => $say->say('list.empty'),
            default => '',
        };
        $place = new ShelfPlace($display, $shelf);

        return new self(
            $display->code,
            $display->link($shop)->url(),
            $shelf->name,
            $shelf->density,
            $note,
            $note !== '' ? [] : array_map(static fn (Product $product): WidgetData => WidgetData::of($place->item($product, $shop, false), $shop, $look, $at), array_values($goods->items())),
            $goods->currentPage(),
            $goods->lastPage(),
            $goods->lastPage() > 1 ? $say->say('list.page_of', page: $goods->currentPage(), pages: $goods->lastPage()) : '',
        );
    }
}
