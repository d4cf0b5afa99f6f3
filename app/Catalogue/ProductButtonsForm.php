<?php

declare(strict_types=1);

namespace App\Catalogue;

use OpenApi\Attributes as OA;
use PaperKite\Offer\Onwards;
use PaperKite\Shopfront\ProductButtons;
use PaperKite\Shopfront\Surface;

/** Which buttons stand beside a product, as its form holds it. `PaperKite\Shopfront\ProductButtons` reads what comes back. */
#[OA\Schema(schema: 'ProductButtonsEntry', description: 'What differs from the shop: buttons by surface, and what they say; blank: as the shop has it.')]
final readonly class ProductButtonsForm
{
    public function __construct(
        #[OA\Property]
        public string $list = '',
        #[OA\Property]
        public string $product = '',
        #[OA\Property]
        public string $glance = '',
        #[OA\Property(description: 'On the button that adds to the cart, in the list.')]
        public string $list_cart = '',
        #[OA\Property(description: 'On the button that leads to paying, in the list.')]
        public string $list_pay = '',
        #[OA\Property]
        public string $product_cart = '',
        #[OA\Property]
        public string $product_pay = '',
        #[OA\Property]
        public string $glance_cart = '',
        #[OA\Property]
        public string $glance_pay = '',
    ) {}

    /** @param  array<string, string>  $said  by surface, or surface and destination, where it differs from the shop */
    public static function of(array $said): self
    {
        $caption = static fn (Surface $surface, Onwards $does): string => $said[ProductButtons::captionAt($surface, $does)] ?? '';

        return new self(
            list: $said[Surface::List->value] ?? '',
            product: $said[Surface::Product->value] ?? '',
            glance: $said[Surface::Glance->value] ?? '',
            list_cart: $caption(Surface::List, Onwards::Cart),
            list_pay: $caption(Surface::List, Onwards::Pay),
            product_cart: $caption(Surface::Product, Onwards::Cart),
            product_pay: $caption(Surface::Product, Onwards::Pay),
            glance_cart: $caption(Surface::Glance, Onwards::Cart),
            glance_pay: $caption(Surface::Glance, Onwards::Pay),
        );
    }
}
