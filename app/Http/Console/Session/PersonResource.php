<?php

declare(strict_types=1);

namespace App\Http\Console\Session;

use App\Models\Person;
use App\Models\Shop;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Person')]
final readonly class PersonResource
{
    /** @param  list<ShopNameResource>  $shops */
    private function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $email,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ShopNameResource::class))]
        public array $shops,
    ) {}

    /** @param  Person  $person  with the shops that they work in */
    public static function of(Person $person): self
    {
        return new self($person->name, $person->email, array_values($person->shops->map(fn (Shop $shop) => new ShopNameResource($shop->slug, $shop->name))->all()));
    }
}
