<?php

declare(strict_types=1);

namespace App\Shopfront;

use OpenApi\Attributes as OA;
use PaperKite\Offer\Destination;
use PaperKite\Shopfront\ShopfrontRules;
use PaperKite\Shopfront\Surface;

/** What the buttons say where they stand. */
#[OA\Schema(schema: 'CaptionsEntry', description: 'By surface and what the button does; blank: as built in.')]
final readonly class CaptionsForm
{
    private function __construct(
        #[OA\Property]
        public string $list_cart,
        #[OA\Property]
        public string $list_pay,
        #[OA\Property]
        public string $product_cart,
        #[OA\Property]
        public string $product_pay,
        #[OA\Property]
        public string $glance_cart,
        #[OA\Property]
        public string $glance_pay,
    ) {}

    public static function of(ShopfrontRules $rules): self
    {
        $caption = static fn (Surface $surface, Destination $destination): string => $rules->caption($surface, $destination) ?? '';

        return new self(
            list_cart: $caption(Surface::List, Destination::Cart),
            list_pay: $caption(Surface::List, Destination::Pay),
            product_cart: $caption(Surface::Product, Destination::Cart),
            product_pay: $caption(Surface::Product, Destination::Pay),
            glance_cart: $caption(Surface::Glance, Destination::Cart),
            glance_pay: $caption(Surface::Glance, Destination::Pay),
        );
    }
}
