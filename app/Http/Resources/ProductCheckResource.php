<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'ProductCheck', description: 'What stands in the product’s form, read back.')]
final readonly class ProductCheckResource
{
    /** @param  array<string, list<string>>|\stdClass  $errors */
    public function __construct(
        #[OA\Property(description: 'The price as the shopper will see it; null while it can’t be read.')]
        public ?string $price_shown,
        #[OA\Property(description: 'Sentences by field.', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'array', items: new OA\Items(type: 'string')))]
        public array|\stdClass $errors,
    ) {}
}
