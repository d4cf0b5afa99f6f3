<?php

declare(strict_types=1);

namespace App\Catalogue;

use OpenApi\Attributes as OA;
use PaperKite\Catalogue\Choice;
use PaperKite\Catalogue\Option;

/** What a shopper chooses between, as the product's form holds it. */
#[OA\Schema(schema: 'OptionEntry')]
final readonly class OptionForm
{
    /** @param  list<array{name: string, price: string, adds: string}>  $choices */
    private function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property(type: 'array', items: new OA\Items(required: ['name', 'price', 'adds'], properties: [
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'price', type: 'string'),
            new OA\Property(property: 'adds', type: 'string'),
        ], type: 'object'))]
        public array $choices,
    ) {}

    public static function of(Option $option): self
    {
        return new self($option->name, array_map(static fn (Choice $choice): array => [
            'name' => $choice->name,
            'price' => $choice->price?->regular->decimal() ?? '',
            'adds' => $choice->adds?->decimal() ?? '',
        ], $option->choices));
    }
}
