<?php

declare(strict_types=1);

namespace App\Http\Console\Shop;

use App\Http\Console\Shared\ChoiceResource;
use OpenApi\Attributes as OA;
use PaperKite\Shopfront\Surface;

#[OA\Schema(schema: 'Surface', description: 'Where a product stands with buttons beside it.')]
final readonly class SurfaceResource
{
    /** @param  list<ChoiceResource>  $sets */
    private function __construct(
        #[OA\Property(type: 'string', enum: Surface::class)]
        public Surface $value,
        #[OA\Property]
        public string $label,
        #[OA\Property(description: 'The buttons that can stand there.', type: 'array', items: new OA\Items(ref: ChoiceResource::class))]
        public array $sets,
    ) {}

    public static function of(Surface $surface): self
    {
        return new self($surface, $surface->label(), ShopfrontResource::setsAt($surface));
    }
}
