<?php

declare(strict_types=1);

namespace App\Catalogue;

use OpenApi\Attributes as OA;
use PaperKite\Offer\Onwards;
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
        #[OA\Property(description: 'On the button that adds to the cart.')]
        public string $cart = '',
        #[OA\Property(description: 'On the button that leads to paying.')]
        public string $pay = '',
    ) {}

    /** @param  array<string, string>  $said  by surface or destination, where it differs from the shop */
    public static function of(array $said): self
    {
        return new self(
            list: $said[Surface::List->value] ?? '',
            product: $said[Surface::Product->value] ?? '',
            glance: $said[Surface::Glance->value] ?? '',
            cart: $said[Onwards::Cart->value] ?? '',
            pay: $said[Onwards::Pay->value] ?? '',
        );
    }
}
