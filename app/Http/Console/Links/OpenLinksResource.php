<?php

declare(strict_types=1);

namespace App\Http\Console\Links;

use App\Models\Shop;
use OpenApi\Attributes as OA;
use PaperKite\Link\OpenDestination;
use PaperKite\Link\OpenLink;

#[OA\Schema(schema: 'OpenLinks', description: 'How links are written by hand in this shop.')]
final readonly class OpenLinksResource
{
    /** @param  list<OpenDestinationResource>  $destinations */
    private function __construct(
        #[OA\Property(description: 'RFC 6570.')]
        public string $template,
        #[OA\Property(ref: '#/components/schemas/OpenDestination', description: 'Where a link leads that does not say so.')]
        public OpenDestination $to,
        #[OA\Property(type: 'array', items: new OA\Items(ref: OpenDestinationResource::class))]
        public array $destinations,
    ) {}

    public static function of(Shop $shop): self
    {
        return new self(str_replace('{+base}', $shop->base(), OpenLink::TEMPLATE), $shop->take_to, array_map(OpenDestinationResource::of(...), OpenDestination::cases()));
    }
}
