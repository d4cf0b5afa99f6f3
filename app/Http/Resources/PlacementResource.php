<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Offer;
use App\Models\Placement;
use App\Models\Shop;
use OpenApi\Attributes as OA;
use PaperKite\Link\HtmlButton;

#[OA\Schema(schema: 'Placement')]
final readonly class PlacementResource
{
    /** @param  list<AnatomyPartResource>  $anatomy */
    private function __construct(
        #[OA\Property]
        public int $id,
        #[OA\Property]
        public string $page,
        #[OA\Property]
        public string $code,
        #[OA\Property]
        public string $url,
        #[OA\Property(type: 'array', items: new OA\Items(ref: AnatomyPartResource::class))]
        public array $anatomy,
        #[OA\Property(description: 'The button as HTML, in the words the saved offer has now.')]
        public string $html,
    ) {}

    public static function of(Placement $placement, Offer $offer, Shop $shop): self
    {
        $link = $placement->link($shop);

        return new self(
            $placement->id,
            $placement->page,
            $placement->code,
            $link->url(),
            array_map(AnatomyPartResource::of(...), $link->anatomy($placement->page)),
            (new HtmlButton($link->url(), $offer->caption()))->html(),
        );
    }
}
