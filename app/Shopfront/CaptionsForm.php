<?php

declare(strict_types=1);

namespace App\Shopfront;

use OpenApi\Attributes as OA;
use PaperKite\Offer\Onwards;
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
        $caption = static fn (Surface $surface, Onwards $destination): string => $rules->caption($surface, $destination) ?? '';

        return new self(
            list_cart: $caption(Surface::List, Onwards::Cart),
            list_pay: $caption(Surface::List, Onwards::Pay),
            product_cart: $caption(Surface::Product, Onwards::Cart),
            product_pay: $caption(Surface::Product, Onwards::Pay),
            glance_cart: $caption(Surface::Glance, Onwards::Cart),
            glance_pay: $caption(Surface::Glance, Onwards::Pay),
        );
    }
}
