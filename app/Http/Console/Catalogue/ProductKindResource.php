<?php

declare(strict_types=1);

namespace App\Http\Console\Catalogue;

use App\Http\Console\Shared\ChoiceResource;
use OpenApi\Attributes as OA;
use PaperKite\Catalogue\ParcelAddress;
use PaperKite\Catalogue\ProductKind;
use PaperKite\Catalogue\ProductPart;

#[OA\Schema(schema: 'ProductKindChoice', description: 'A kind of product, and the parts of the form that it has.')]
final readonly class ProductKindResource
{
    /**
     * @param  list<ProductPart>  $parts
     * @param  list<ChoiceResource>  $addresses
     */
    private function __construct(
        #[OA\Property(ref: '#/components/schemas/ProductKind')]
        public ProductKind $value,
        #[OA\Property]
        public string $label,
        #[OA\Property]
        public string $note,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/ProductPart'))]
        public array $parts,
        #[OA\Property(description: 'Whether the shopper says how much.')]
        public bool $is_given,
        #[OA\Property(description: 'Whether the checkout may ask where it goes; blank: as is usual.', type: 'array', items: new OA\Items(ref: ChoiceResource::class))]
        public array $addresses,
    ) {}

    public static function of(ProductKind $kind): self
    {
        return new self($kind, $kind->label(), $kind->note(), $kind->parts(), $kind->isMoneyItself(), [
            new ChoiceResource('', "as usual: {$kind->addresses()[0]->label()}"),
            ...array_map(static fn (ParcelAddress $address): ChoiceResource => new ChoiceResource($address->value, $address->label()), array_slice($kind->addresses(), 1)),
        ]);
    }
}
