<?php

declare(strict_types=1);

namespace App\Http\Console\Shop;

use App\Models\Shop;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Shop')]
final readonly class ShopResource
{
    /**
     * @param  list<string>  $hosts
     * @param  list<string>  $categories
     * @param  list<string>  $tax_classes
     * @param  list<array{name: string, values: list<string>}>  $traits
     * @param  list<MissingResource>  $missing
     */
    private function __construct(
        #[OA\Property(description: 'The same whatever it is called.')]
        public int $id,
        #[OA\Property]
        public string $slug,
        #[OA\Property]
        public string $name,
        #[OA\Property(description: 'The shop’s own origin.')]
        public string $base,
        #[OA\Property]
        public string $host,
        #[OA\Property(description: 'The first part of the checkout’s address.')]
        public string $checkout_slug,
        #[OA\Property(description: 'ISO 4217.')]
        public string $currency,
        #[OA\Property(description: 'The zone in which its days are told: an IANA name.')]
        public string $timezone,
        #[OA\Property(description: 'The account that is paid.')]
        public ?string $payee,
        #[OA\Property]
        public bool $is_ready,
        #[OA\Property(description: 'ISO 3166-1 alpha-2.')]
        public string $home_country,
        #[OA\Property(description: 'Where a shopper may be led to, besides the shop itself.', type: 'array', items: new OA\Items(type: 'string'))]
        public array $hosts,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $categories,
        #[OA\Property(description: 'Those that a product or a rate names.', type: 'array', items: new OA\Items(type: 'string'))]
        public array $tax_classes,
        #[OA\Property(description: 'Attributes that products of the shop have, with the values they have there, the latest first.', type: 'array', items: new OA\Items(required: ['name', 'values'], properties: [
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'values', type: 'array', items: new OA\Items(type: 'string')),
        ], type: 'object'))]
        public array $traits,
        #[OA\Property(description: 'What it still lacks to be paid, to send its goods, or to be lawful.', type: 'array', items: new OA\Items(ref: MissingResource::class))]
        public array $missing,
    ) {}

    /**
     * @param  list<string>  $categories
     * @param  list<string>  $taxClasses
     * @param  list<array{name: string, values: list<string>}>  $traits
     */
    public static function of(Shop $shop, array $categories, array $taxClasses, array $traits): self
    {
        return new self(
            id: $shop->id,
            slug: $shop->slug,
            name: $shop->name,
            base: $shop->base(),
            host: $shop->host,
            checkout_slug: $shop->checkout_slug,
            currency: $shop->currency,
            timezone: $shop->zone()->getName(),
            payee: $shop->payee,
            is_ready: $shop->isReady(),
            home_country: $shop->home_country,
            hosts: $shop->checkout_rules->hosts,
            categories: $categories,
            tax_classes: $taxClasses,
            traits: $traits,
            missing: array_map(MissingResource::of(...), $shop->readiness()->missing()),
        );
    }
}
