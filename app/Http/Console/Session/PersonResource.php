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
        #[OA\Property(description: 'Whether a code is asked for besides the password.')]
        public bool $has_second_factor,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ShopNameResource::class))]
        public array $shops,
    ) {}

    /** @param  Person  $person  with the shops that they work in */
    public static function of(Person $person): self
    {
        return new self($person->name, $person->email, $person->hasSecondFactor(), array_values($person->shops->map(static fn (Shop $shop): ShopNameResource => ShopNameResource::of($shop))->all()));
    }
}
