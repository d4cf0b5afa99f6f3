<?php

declare(strict_types=1);

namespace App\Http\Console\Catalogue;

use App\Http\Console\Shared\Answer;
use App\Http\Input;
use App\Models\Product;
use App\Models\Shop;
use App\Partners\SeenPages;
use App\Time\Clock;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;
use PaperKite\Catalogue\ProductKind;
use PaperKite\Partner\Item;
use PaperKite\Text\FormInput;

/** Reads a product's form back while it is filled in; nothing is saved. */
final readonly class ProductCheckController
{
    public function __construct(private SeenPages $pages) {}

    #[OA\Post(path: '/shops/{shop}/products/check', operationId: 'checkProduct', summary: 'Check a product that is not saved', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(name: 'except', description: 'The product that is being changed.', in: 'query', schema: new OA\Schema(type: 'integer')), new OA\Parameter(name: 'country', description: 'From which a shopper is tried, ISO 3166-1.', in: 'query', schema: new OA\Schema(type: 'string'))])]
    #[OA\RequestBody(content: new OA\JsonContent(ref: '#/components/schemas/ProductEntry'))]
    #[Answer(ProductCheckResource::class)]
    public function __invoke(ProductRequest $request, Shop $shop, Clock $clock): JsonResponse
    {
        $product = $request->has('except') ? $shop->products()->whereKey($request->integer('except'))->first() : null;

        return response()->json(ProductCheckResource::of($request->entry(), FormInput::of($request->all(), $shop->decimalMark()), $request->findings($product), $request->extras()->addresses, Input::text($request, 'country'), $this->writing($request, $shop), $shop, $clock->moment()));
    }

    /** @return WritingResource|null `null` where the goods are no partner's */
    private function writing(ProductRequest $request, Shop $shop): ?WritingResource
    {
        if (ProductKind::tryFrom(Input::text($request, 'kind'))?->isElsewhere() !== true) {
            return null;
        }
        $extras = $request->extras();
        $own = (new Product)->forceFill(['summary' => $extras->summary, 'description' => $extras->description]);
        $theirs = null;
        $brands = [];
        foreach ($extras->addresses->addresses as $address) {
            $theirs ??= $address->target instanceof Item ? $this->pages->find($address->marketplaceId, $address->target) : null;
            $brands[] = $address->marketplace->partner;
        }

        return WritingResource::of(trim(mb_scrub(Input::text($request, 'name'), 'UTF-8')), $own->plainText(), substr_count("{$extras->summary}{$extras->description}", '<li'), $theirs, $shop->partner_rules->texts, $brands);
    }
}
