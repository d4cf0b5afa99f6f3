<?php

declare(strict_types=1);

namespace App\Http\Console\Shop;

use OpenApi\Attributes as OA;
use Symfony\Component\Intl\Countries;

#[OA\Schema(schema: 'Country')]
final readonly class CountryResource
{
    private function __construct(
        #[OA\Property(description: 'ISO 3166-1 alpha-2.')]
        public string $code,
        #[OA\Property]
        public string $name,
    ) {}

    /** @return list<self> */
    public static function all(): array
    {
        $names = Countries::getNames('en');

        return array_map(static fn (string $code, string $name): self => new self($code, $name), array_keys($names), $names);
    }
}
