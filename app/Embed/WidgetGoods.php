<?php

declare(strict_types=1);

namespace App\Embed;

use App\Models\Offer;
use App\Models\OfferLine;
use App\Models\Shop;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'WidgetGoods', description: 'What is sold, for a widget that shows more than its button.')]
final readonly class WidgetGoods
{
    private function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property(description: 'A few sentences without markup; blank: none.')]
        public string $text,
        #[OA\Property(description: 'A whole address; null: none.')]
        public ?string $picture,
        #[OA\Property]
        public string $alt,
        #[OA\Property(description: 'Null: there is none, or the story tells it.')]
        public ?WidgetSample $sample,
    ) {}

    /**
     * @param  bool  $tellsSample  whether it stands here, and not in the story
     * @return self|null `null` where the click sells nothing
     */
    public static function of(Offer $offer, Shop $shop, bool $tellsSample): ?self
    {
        $first = $offer->lines->first();
        if ($first === null) {
            return null;
        }
        $lead = $first->product->lead();
        $picture = $first->variant?->picture?->path() ?? $lead?->path;
        $isOne = $offer->lines->count() === 1;

        return new self(
            $offer->lines->map(static fn (OfferLine $line): string => $line->name())->implode(' + '),
            $isOne ? $first->product->summaryText() : '',
            $picture === null ? null : $shop->base().$picture,
            $lead->alt ?? '',
            $tellsSample && $isOne ? WidgetSample::of($first->product, $shop) : null,
        );
    }
}
