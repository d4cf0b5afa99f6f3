<?php

declare(strict_types=1);

namespace App\Shopfront;

use OpenApi\Attributes as OA;
use PaperKite\Shopfront\ShopfrontRules;
use PaperKite\Shopfront\Surface;

/** Which buttons stand where. */
#[OA\Schema(schema: 'ButtonsEntry', description: 'By surface.')]
final readonly class ButtonsForm
{
    private function __construct(
        #[OA\Property]
        public string $list,
        #[OA\Property]
        public string $product,
        #[OA\Property]
        public string $glance,
    ) {}

    public static function of(ShopfrontRules $rules): self
    {
        return new self(
            list: $rules->buttons(Surface::List)->value,
            product: $rules->buttons(Surface::Product)->value,
            glance: $rules->buttons(Surface::Glance)->value,
        );
    }
}
