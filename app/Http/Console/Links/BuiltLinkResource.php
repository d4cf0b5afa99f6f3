<?php

declare(strict_types=1);

namespace App\Http\Console\Links;

use App\Models\Shop;
use OpenApi\Attributes as OA;
use PaperKite\Link\AnatomyPart;
use PaperKite\Link\OpenLink;

#[OA\Schema(schema: 'BuiltLink', description: 'An open link and its parts, or what is wrong with the choices.')]
final readonly class BuiltLinkResource
{
    /**
     * @param  list<AnatomyPartResource>  $anatomy
     * @param  list<LinkGoodsResource|null>  $goods
     */
    private function __construct(
        #[OA\Property(description: 'Blank where something is wrong.')]
        public string $url,
        #[OA\Property(type: 'array', items: new OA\Items(ref: AnatomyPartResource::class))]
        public array $anatomy,
        #[OA\Property(description: 'What is wrong, in a sentence; blank where nothing is.')]
        public string $finding,
        #[OA\Property(description: 'What is doubtful about it, in a sentence; blank where nothing is.')]
        public string $caution,
        #[OA\Property(description: 'What each item names; null where nothing has its SKU.', type: 'array', items: new OA\Items(oneOf: [new OA\Schema(ref: LinkGoodsResource::class), new OA\Schema(type: 'null')]))]
        public array $goods,
    ) {}

    /** @param  list<LinkGoodsResource|null>  $goods */
    public static function of(OpenLink $link, Shop $shop, string $caution, array $goods): self
    {
        return new self($link->url($shop->base()), array_map(static fn (AnatomyPart $part) => AnatomyPartResource::of($part), $link->anatomy($shop->base())), '', $caution, $goods);
    }

    /** @param  list<LinkGoodsResource|null>  $goods */
    public static function refused(string $finding, array $goods): self
    {
        return new self('', [], $finding, '', $goods);
    }
}
