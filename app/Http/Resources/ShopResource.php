<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Shop;
use OpenApi\Attributes as OA;
use PaperKite\Catalogue\Drawing;
use PaperKite\Offer\CartUse;
use PaperKite\Offer\Destination;

#[OA\Schema(schema: 'Shop')]
final readonly class ShopResource
{
    /**
     * @param  list<DrawingResource>  $drawings
     * @param  list<DestinationResource>  $destinations
     * @param  list<CartUseResource>  $cart_uses
     */
    private function __construct(
        #[OA\Property]
        public string $slug,
        #[OA\Property]
        public string $name,
        #[OA\Property(description: 'The shop’s own origin.')]
        public string $base,
        #[OA\Property(description: 'ISO 4217.')]
        public string $currency,
        #[OA\Property]
        public Amount $shipping_fee,
        #[OA\Property(description: 'The account that is paid.')]
        public ?string $payee,
        #[OA\Property]
        public bool $is_ready,
        #[OA\Property(type: 'array', items: new OA\Items(ref: DrawingResource::class))]
        public array $drawings,
        #[OA\Property(type: 'array', items: new OA\Items(ref: DestinationResource::class))]
        public array $destinations,
        #[OA\Property(type: 'array', items: new OA\Items(ref: CartUseResource::class))]
        public array $cart_uses,
    ) {}

    public static function of(Shop $shop): self
    {
        $readiness = $shop->readiness();

        return new self(
            $shop->slug,
            $shop->name,
            $shop->base(),
            $shop->currency,
            Amount::of($shop->money($shop->shipping_fee_minor)),
            $shop->payee,
            $readiness->hasPayee && $readiness->hasProvider,
            array_map(DrawingResource::of(...), Drawing::cases()),
            array_map(DestinationResource::of(...), Destination::cases()),
            array_map(CartUseResource::of(...), CartUse::cases()),
        );
    }
}
