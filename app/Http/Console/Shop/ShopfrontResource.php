<?php

declare(strict_types=1);

namespace App\Http\Console\Shop;

use App\Http\Console\Shared\ChoiceResource;
use App\Models\Shop;
use App\Shopfront\ShopfrontForm;
use OpenApi\Attributes as OA;
use PaperKite\Shopfront\AfterAdding;
use PaperKite\Shopfront\ButtonSet;
use PaperKite\Shopfront\Surface;

#[OA\Schema(schema: 'Shopfront')]
final readonly class ShopfrontResource
{
    /**
     * @param  list<SurfaceResource>  $surfaces
     * @param  list<ChoiceResource>  $ways
     */
    private function __construct(
        #[OA\Property]
        public ShopfrontForm $entry,
        #[OA\Property(type: 'array', items: new OA\Items(ref: SurfaceResource::class))]
        public array $surfaces,
        #[OA\Property(description: 'What can follow adding.', type: 'array', items: new OA\Items(ref: ChoiceResource::class))]
        public array $ways,
        #[OA\Property(description: 'Counts the changes that sellers make.')]
        public int $version,
    ) {}

    public static function of(Shop $shop, int $version): self
    {
        return new self(
            ShopfrontForm::of($shop),
            array_map(SurfaceResource::of(...), Surface::cases()),
            array_map(static fn (AfterAdding $way) => new ChoiceResource($way->value, $way->label()), AfterAdding::cases()),
            $version,
        );
    }

    /** @return list<ChoiceResource> the sets of buttons that can stand there */
    public static function setsAt(Surface $surface): array
    {
        return array_values(array_map(
            static fn (ButtonSet $set) => new ChoiceResource($set->value, $set->label()),
            array_filter(ButtonSet::cases(), static fn (ButtonSet $set): bool => $set->isPossibleAt($surface)),
        ));
    }
}
