<?php

declare(strict_types=1);

namespace App\Http\Console\Finding;

use App\Finding\Act;
use App\Finding\FoundThing;
use App\Finding\LinkTaken;
use App\Http\Console\Links\AnatomyPartResource;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Found')]
final readonly class FoundResource
{
    /**
     * @param  list<AnatomyPartResource>  $parts
     * @param  list<FoundThingResource>  $things
     * @param  list<FoundActResource>  $acts
     */
    private function __construct(
        #[OA\Property(description: 'What a pasted link is; blank: what was typed is none of the shop.')]
        public string $link,
        #[OA\Property(description: 'Of the link.', type: 'array', items: new OA\Items(ref: AnatomyPartResource::class))]
        public array $parts,
        #[OA\Property(description: 'The likeliest first.', type: 'array', items: new OA\Items(ref: FoundThingResource::class))]
        public array $things,
        #[OA\Property(type: 'array', items: new OA\Items(ref: FoundActResource::class))]
        public array $acts,
    ) {}

    /**
     * @param  list<FoundThing>  $things
     * @param  list<Act>  $acts
     */
    public static function of(array $things, array $acts): self
    {
        return new self('', [], array_map(FoundThingResource::of(...), $things), array_map(FoundActResource::of(...), $acts));
    }

    /** @param  list<FoundThing>  $leadsTo */
    public static function ofLink(LinkTaken $link, array $leadsTo): self
    {
        return new self($link->says, array_map(AnatomyPartResource::of(...), $link->parts), array_map(FoundThingResource::of(...), $leadsTo), []);
    }
}
