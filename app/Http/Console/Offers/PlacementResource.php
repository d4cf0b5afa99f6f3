<?php

declare(strict_types=1);

namespace App\Http\Console\Offers;

use App\Http\Console\Links\AnatomyPartResource;
use App\Models\Placement;
use App\Models\Shop;
use App\Offers\OfferSnippets;
use OpenApi\Attributes as OA;
use PaperKite\Medium\Media;
use PaperKite\Medium\Widget;
use PaperKite\Medium\WidgetForm;

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
        #[OA\Property(ref: '#/components/schemas/WidgetForm')]
        public WidgetForm $form,
        #[OA\Property(description: 'By which its clicks are counted; blank: none.')]
        public string $label,
        #[OA\Property(description: 'Its own words on the button; blank: as the offer says.')]
        public string $caption,
        #[OA\Property(description: 'Whether a pasted button brings its other states along.')]
        public bool $brings_sheet,
        #[OA\Property(description: 'Its own look; null: as the offer says.')]
        public ?int $look_id,
        #[OA\Property(description: 'The look that it wears.')]
        public int $worn_look_id,
        #[OA\Property(ref: '#/components/schemas/PlaceWidth', description: 'Its own width.')]
        public string $width,
        #[OA\Property(description: 'Of the page, where its own width is a part of it; else blank.')]
        public string $width_percent,
        #[OA\Property]
        public bool $is_paused,
        #[OA\Property]
        public string $code,
        #[OA\Property]
        public string $url,
        #[OA\Property(type: 'array', items: new OA\Items(ref: AnatomyPartResource::class))]
        public array $anatomy,
        #[OA\Property(description: 'What a click does here, where the medium does it otherwise than the sentence says; blank: as it says.')]
        public string $does_here,
        #[OA\Property(description: 'What is pasted, as the saved offer is now.')]
        public string $snippet,
        #[OA\Property(description: 'What a page with a Content-Security-Policy has to allow for it; blank: nothing.')]
        public string $policy,
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
            id: $placement->id,
            page: $placement->page,
            medium: MediumResource::of(Media::get($placement->medium)),
            form: $placement->form,
            label: $placement->label ?? '',
            caption: $placement->caption ?? '',
            brings_sheet: $placement->brings_sheet,
            look_id: $placement->look_id,
            worn_look_id: $snippets->look($placement)->id,
            width: $placement->width->value ?? '',
            width_percent: (string) $placement->width_percent,
            is_paused: $placement->paused_at !== null,
            code: $placement->code,
            url: $link->url(),
            anatomy: array_map(AnatomyPartResource::of(...), $link->anatomy($placement->page)),
            does_here: HereWords::of($placement->offer, Media::get($placement->medium)),
            snippet: $snippet,
            policy: $placement->medium === (new Widget)->key() ? Widget::policy($shop->base()) : '',
            digest: hash('sha256', $snippet),
            copied_at: $placement->copied_at?->toRfc3339String(),
            is_stale: $snippets->isStale($placement),
            price_table_id: $placement->price_table_id,
        );
    }
}
