<?php

declare(strict_types=1);

namespace App\Http\Console\Displays;

use App\Models\DisplayPlacement;
use App\Models\Shop;
use OpenApi\Attributes as OA;
use PaperKite\Medium\Widget;

#[OA\Schema(schema: 'DisplayPlace', description: 'A place where several ways to buy stand together.')]
final readonly class DisplayPlaceResource
{
    /** @param  list<int>  $trace */
    private function __construct(
        #[OA\Property]
        public int $id,
        #[OA\Property]
        public string $page,
        #[OA\Property]
        public bool $is_paused,
        #[OA\Property(description: 'Of a page with the same goods.')]
        public string $url,
        #[OA\Property(description: 'The widget that is pasted.')]
        public string $snippet,
        #[OA\Property(description: 'What a page with a Content-Security-Policy has to allow for the widget.')]
        public string $policy,
        #[OA\Property(description: 'Clicks of the last thirty days, by day.', type: 'array', items: new OA\Items(type: 'integer'))]
        public array $trace,
    ) {}

    /**
     * @param  DisplayPlacement  $place  with what it shows
     * @param  list<int>  $trace
     */
    public static function of(DisplayPlacement $place, Shop $shop, array $trace): self
    {
        $url = $place->link($shop)->url();

        return new self($place->id, $place->page, $place->paused_at !== null, $url, Widget::around($url, $place->name(), $shop->base()), Widget::policy($shop->base()), $trace);
    }
}
