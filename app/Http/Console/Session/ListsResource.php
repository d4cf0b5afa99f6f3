<?php

declare(strict_types=1);

namespace App\Http\Console\Session;

use App\Http\Console\Catalogue\DrawingResource;
use App\Http\Console\Catalogue\ProductKindResource;
use App\Http\Console\Displays\ShelfDensityResource;
use App\Http\Console\Looks\ButtonSizeResource;
use App\Http\Console\Offers\ButtonStateResource;
use App\Http\Console\Offers\CartUseResource;
use App\Http\Console\Offers\DestinationResource;
use App\Http\Console\Offers\MediumResource;
use App\Http\Console\Offers\WidgetFormResource;
use App\Http\Console\Partners\CountingResource;
use App\Http\Console\Partners\NamedByResource;
use App\Http\Console\Partners\ReferrerPolicyResource;
use App\Http\Console\Shop\CountryResource;
use OpenApi\Attributes as OA;
use PaperKite\Catalogue\Drawing;
use PaperKite\Catalogue\ProductKind;
use PaperKite\Look\ButtonSize;
use PaperKite\Medium\Media;
use PaperKite\Medium\WidgetForm;
use PaperKite\Offer\ButtonState;
use PaperKite\Offer\CartUse;
use PaperKite\Offer\Onwards;
use PaperKite\Partner\Counting;
use PaperKite\Partner\NamedBy;
use PaperKite\Partner\ReferrerPolicy;
use PaperKite\Shopfront\ShelfDensity;

#[OA\Schema(schema: 'Lists', description: 'What forms choose from in every shop.')]
final readonly class ListsResource
{
    /**
     * @param  list<DrawingResource>  $drawings
     * @param  list<ProductKindResource>  $product_kinds
     * @param  list<DestinationResource>  $destinations
     * @param  list<CartUseResource>  $cart_uses
     * @param  list<MediumResource>  $media
     * @param  list<WidgetFormResource>  $widget_forms
     * @param  list<ShelfDensityResource>  $shelf_densities
     * @param  list<ButtonStateResource>  $button_states
     * @param  list<ButtonSizeResource>  $button_sizes
     * @param  list<CountryResource>  $countries
     * @param  list<CountingResource>  $counting
     * @param  list<NamedByResource>  $named_by
     * @param  list<ReferrerPolicyResource>  $referrer_policies
     */
    private function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: DrawingResource::class))]
        public array $drawings,
        #[OA\Property(description: 'Of products that can be sold.', type: 'array', items: new OA\Items(ref: ProductKindResource::class))]
        public array $product_kinds,
        #[OA\Property(type: 'array', items: new OA\Items(ref: DestinationResource::class))]
        public array $destinations,
        #[OA\Property(type: 'array', items: new OA\Items(ref: CartUseResource::class))]
        public array $cart_uses,
        #[OA\Property(description: 'In which an offer can be placed.', type: 'array', items: new OA\Items(ref: MediumResource::class))]
        public array $media,
        #[OA\Property(description: 'How much a widget shows.', type: 'array', items: new OA\Items(ref: WidgetFormResource::class))]
        public array $widget_forms,
        #[OA\Property(description: 'How close the goods of a shelf stand.', type: 'array', items: new OA\Items(ref: ShelfDensityResource::class))]
        public array $shelf_densities,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ButtonStateResource::class))]
        public array $button_states,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ButtonSizeResource::class))]
        public array $button_sizes,
        #[OA\Property(description: 'ISO 3166-1, by name.', type: 'array', items: new OA\Items(ref: CountryResource::class))]
        public array $countries,
        #[OA\Property(description: 'What a marketplace may count as a sale.', type: 'array', items: new OA\Items(ref: CountingResource::class))]
        public array $counting,
        #[OA\Property(description: 'How what is to be had at a partner can be named.', type: 'array', items: new OA\Items(ref: NamedByResource::class))]
        public array $named_by,
        #[OA\Property(description: 'What pages that a click leads out to may learn.', type: 'array', items: new OA\Items(ref: ReferrerPolicyResource::class))]
        public array $referrer_policies,
    ) {}

    public static function all(): self
    {
        return new self(
            drawings: array_map(DrawingResource::of(...), Drawing::cases()),
            product_kinds: array_map(ProductKindResource::of(...), ProductKind::sold()),
            destinations: array_map(DestinationResource::of(...), Onwards::cases()),
            cart_uses: array_map(CartUseResource::of(...), CartUse::cases()),
            media: array_map(MediumResource::of(...), Media::all()),
            widget_forms: array_map(WidgetFormResource::of(...), WidgetForm::cases()),
            shelf_densities: array_map(ShelfDensityResource::of(...), ShelfDensity::cases()),
            button_states: array_map(ButtonStateResource::of(...), ButtonState::cases()),
            button_sizes: array_map(ButtonSizeResource::of(...), ButtonSize::cases()),
            countries: CountryResource::all(),
            counting: array_map(CountingResource::of(...), Counting::cases()),
            named_by: array_map(NamedByResource::of(...), NamedBy::cases()),
            referrer_policies: array_map(ReferrerPolicyResource::of(...), ReferrerPolicy::cases()),
        );
    }
}
