<?php

declare(strict_types=1);

namespace App\Http\Console\Cards;

use App\Http\Console\Shared\Page;
use App\Models\GiftCard;
use Illuminate\Contracts\Pagination\LengthAwarePaginator;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'GiftCardList')]
final readonly class GiftCardListResource
{
    /**
     * @param  list<GiftCardRowResource>  $items
     * @param  list<CardStateCountResource>  $states
     */
    private function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: GiftCardRowResource::class))]
        public array $items,
        #[OA\Property(description: 'Of those that a search finds.', type: 'array', items: new OA\Items(ref: CardStateCountResource::class))]
        public array $states,
        #[OA\Property]
        public Page $at,
    ) {}

    /**
     * @param  LengthAwarePaginator<int, GiftCard>  $page
     * @param  list<CardStateCountResource>  $states
     */
    public static function of(LengthAwarePaginator $page, array $states): self
    {
        return new self(array_map(GiftCardRowResource::of(...), array_values($page->items())), $states, Page::of($page));
    }
}
