<?php

declare(strict_types=1);

namespace App\Http\Console\Finding;

use App\Finding\FoundThing;
use App\Finding\Kind;
use LogicException;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'FoundThing')]
final readonly class FoundThingResource
{
    private function __construct(
        #[OA\Property(description: 'By which a browser remembers it.')]
        public string $key,
        #[OA\Property(enum: ['product', 'offer', 'order', 'place', 'look', 'price_table', 'shelf', 'coupon'])]
        public string $kind,
        #[OA\Property(description: 'As a person reads it.')]
        public string $kind_label,
        #[OA\Property(description: 'Its number where it has one, else its id; of a place, that of its offer.')]
        public int $id,
        #[OA\Property]
        public string $label,
        #[OA\Property]
        public string $note,
    ) {}

    public static function of(FoundThing $thing): self
    {
        [$kind, $label] = match ($thing->kind) {
            Kind::Product => ['product', 'Product'],
            Kind::Offer => ['offer', 'Offer'],
            Kind::Order => ['order', 'Order'],
            Kind::Placement => ['place', 'Place'],
            Kind::Look => ['look', 'Look'],
            Kind::PriceTable => ['price_table', 'Price table'],
            Kind::Shelf => ['shelf', 'Shelf'],
            Kind::Coupon => ['coupon', 'Coupon'],
            Kind::Goods => throw new LogicException('Sellers find products.'),
        };

        return new self(
            "{$thing->kind->value}-{$thing->id}",
            $kind,
            $label,
            $thing->kind === Kind::Order ? (int) $thing->code : ($thing->of ?? $thing->id),
            $thing->label,
            $thing->note,
        );
    }
}
