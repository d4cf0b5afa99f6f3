<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use App\Http\Console\Links\AnatomyPartResource;
use App\Models\Placement;
use App\Models\Shop;
use App\Offers\OfferSnippets;
use OpenApi\Attributes as OA;
use PaperKite\Medium\Media;

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
        public MediumResource $medium,
        #[OA\Property(description: 'For the results; blank: none.')]
        public string $label,
        #[OA\Property(description: 'Its own words on the button; blank: as the offer says.')]
        public string $caption,
        #[OA\Property]
        public bool $is_paused,
        #[OA\Property]
        public string $code,
        #[OA\Property]
        public string $url,
        #[OA\Property(type: 'array', items: new OA\Items(ref: AnatomyPartResource::class))]
        public array $anatomy,
        #[OA\Property(description: 'What is pasted, as the saved offer is now.')]
        public string $snippet,
        #[OA\Property(description: 'SHA-256 of the snippet.')]
        public string $digest,
        #[OA\Property(description: 'When it was copied last; null: never. RFC 3339.')]
        public ?string $copied_at,
        #[OA\Property(description: 'Whether the copy that was taken no longer says what the offer says.')]
        public bool $is_stale,
        #[OA\Property(description: 'The price table that it is a column of.')]
        public ?int $price_table_id,
    ) {}

    public static function of(Placement $placement, OfferSnippets $snippets, Shop $shop): self
    {
        $link = $placement->link($shop);
        $snippet = $snippets->snippet($placement);

        return new self(
            $placement->id,
            $placement->page,
            MediumResource::of(Media::get($placement->medium)),
            $placement->label ?? '',
            $placement->caption ?? '',
            $placement->paused_at !== null,
            $placement->code,
            $link->url(),
            array_map(AnatomyPartResource::of(...), $link->anatomy($placement->page)),
            $snippet,
            hash('sha256', $snippet),
            $placement->copied_at?->toRfc3339String(),
            $snippets->isStale($placement),
            $placement->price_table_id,
        );
    }
}
