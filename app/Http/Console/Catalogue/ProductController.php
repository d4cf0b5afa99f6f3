<?php

declare(strict_types=1);

namespace App\Http\Console\Catalogue;

use App\Catalogue\DuplicateProduct;
use App\Catalogue\ProductForm;
use App\Catalogue\ProductSort;
use App\Catalogue\ProductState;
use App\Catalogue\SaveProduct;
use App\Changes\EditKind;
use App\Changes\Edits;
use App\Finding\FindByWords;
use App\Finding\Kind;
use App\Finding\StateCounts;
use App\Fulfilment\TellMovedDates;
use App\Http\Console\Shared\Answer;
use App\Http\Console\Shared\ChangeOf;
use App\Http\Console\Shared\FoundPage;
use App\Http\Console\Shared\Ids;
use App\Http\Console\Shared\ReadEditing;
use App\Http\Console\Shared\Search;
use App\Http\Input;
use App\Models\Product;
use App\Models\Shop;
use App\Partners\ReadMarketplaces;
use App\Time\Clock;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final readonly class ProductController
{
    private const PER_PAGE = 20;

    public function __construct(
        private SaveProduct $save,
        private Edits $edits,
        private TellMovedDates $tell,
        private Clock $clock,
    ) {}

    #[OA\Get(path: '/shops/{shop}/products', operationId: 'products', summary: 'The products', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/search'), new OA\Parameter(name: 'state', description: 'Left out: all.', in: 'query', schema: new OA\Schema(ref: '#/components/schemas/ProductState')), new OA\Parameter(name: 'sort', description: 'Left out: by name.', in: 'query', schema: new OA\Schema(ref: '#/components/schemas/ProductSort')), new OA\Parameter(name: 'ids', description: 'Only these, with commas between.', in: 'query', schema: new OA\Schema(type: 'string')), new OA\Parameter(ref: '#/components/parameters/page')])]
    #[Answer(ProductListResource::class)]
    public function list(Request $request, Shop $shop): JsonResponse
    {
        $typed = Search::typed($request);
        $found = Product::query()->where('shop_id', $shop->id)->with(['variants', 'addresses.marketplace.partner']);
        $state = ProductState::tryFrom(Input::text($request, 'state'));
        $state?->narrow($found);
        $state?->order($found);
        $total = $state === ProductState::TextDue || $request->has('ids') ? null : StateCounts::sum($shop, Kind::Product, $state === null ? null : [$state->value]);
        if ($request->has('ids')) {
            $found->whereKey(Ids::of($request));
        }
        if ($typed !== '' && $shop->products()->where('sku', $typed)->exists()) {
            // Whoever types a SKU means that one.
            $found->orderByRaw('products.sku = ? DESC', [$typed]);
        }
        $products = FoundPage::of((ProductSort::tryFrom(Input::text($request, 'sort')) ?? ProductSort::Name)->order($found), $shop, Kind::Product, $typed, self::PER_PAGE, $total);

        return response()->json(ProductListResource::of($products, $this->clock->moment()));
    }

    #[OA\Get(path: '/shops/{shop}/products/states', operationId: 'productStates', summary: 'How many products there are in each state', description: 'Of those that a search finds.', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/search')])]
    #[Answer(ProductStatesResource::class)]
    public function states(Request $request, Shop $shop): JsonResponse
    {
        $typed = Search::typed($request);
        $counts = $typed === ''
            ? StateCounts::of($shop, Kind::Product)
            : StateCounts::found(Product::query()->where('shop_id', $shop->id)->toBase(), "IF(products.is_draft, 'draft', 'for_sale')", $shop, Kind::Product, $typed);
        if ($counts !== null) {
            $due = Product::query()->where('shop_id', $shop->id);
            ProductState::TextDue->narrow($due);
            FindByWords::in($due->getQuery(), 'products.id', $shop, Kind::Product, $typed);
            $counts[ProductState::TextDue->value] = $due->count();
        }

        return response()->json(ProductStatesResource::of($counts));
    }

    #[OA\Get(path: '/shops/{shop}/products/blank', operationId: 'blankProduct', summary: 'A blank product', parameters: [new OA\Parameter(ref: '#/components/parameters/shop')])]
    #[Answer(BlankProductResource::class)]
    public function blank(Shop $shop): JsonResponse
    {
        return response()->json(new BlankProductResource(ProductForm::blank()));
    }

    #[OA\Post(path: '/shops/{shop}/products', operationId: 'createProduct', summary: 'Make a product', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(ref: '#/components/parameters/act')])]
    #[OA\RequestBody(content: new OA\JsonContent(ref: '#/components/schemas/ProductEntry'))]
    #[Answer(ProductFormResource::class, 201)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function create(ProductRequest $request, Shop $shop): JsonResponse
    {
        return $this->answer(($this->save)($shop, null, $request->product(), $request->extras(), ReadEditing::of($request)), $shop, 201);
    }

    #[OA\Get(path: '/shops/{shop}/products/{product}', operationId: 'product', summary: 'A product, as its form holds it', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(name: 'product', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))])]
    #[Answer(ProductFormResource::class)]
    public function show(Shop $shop, Product $product): JsonResponse
    {
        return $this->answer($product, $shop, 200);
    }

    #[OA\Put(path: '/shops/{shop}/products/{product}', operationId: 'changeProduct', summary: 'Change a product', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(name: 'product', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))])]
    #[ChangeOf('ProductEntry')]
    #[Answer(ProductFormResource::class)]
    #[OA\Response(response: 409, ref: '#/components/responses/Changed')]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function change(ProductRequest $request, Shop $shop, Product $product): JsonResponse
    {
        return $this->answer(($this->save)($shop, $product, $request->product(), $request->extras(), ReadEditing::of($request)), $shop, 200);
    }

    #[OA\Post(path: '/shops/{shop}/products/{product}/duplicate', operationId: 'duplicateProduct', summary: 'Duplicate a product', description: 'Makes a draft that says the same under a name and SKUs of its own, with none in stock.', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(name: 'product', in: 'path', required: true, schema: new OA\Schema(type: 'integer')), new OA\Parameter(ref: '#/components/parameters/act')])]
    #[Answer(ProductFormResource::class, 201)]
    public function duplicate(Request $request, Shop $shop, Product $product, DuplicateProduct $duplicate, ReadMarketplaces $marketplaces): JsonResponse
    {
        return $this->answer($duplicate($shop, $product->load(ProductForm::FILLED_WITH), $marketplaces($shop), ReadEditing::of($request)->person), $shop, 201);
    }

    #[OA\Post(path: '/shops/{shop}/products/{product}/moved', operationId: 'tellMovedDate', summary: 'Tell those who have booked that the date or place is another now', description: 'Each is told of a move once.', parameters: [new OA\Parameter(ref: '#/components/parameters/shop'), new OA\Parameter(name: 'product', in: 'path', required: true, schema: new OA\Schema(type: 'integer'))])]
    #[Answer(ProductFormResource::class)]
    public function tell(Shop $shop, Product $product): JsonResponse
    {
        ($this->tell)($shop, $product);

        return $this->answer($product, $shop, 200);
    }

    private function answer(Product $product, Shop $shop, int $status): JsonResponse
    {
        $version = $this->edits->version(EditKind::Product, $shop, $product->id);

        return response()->json(ProductFormResource::of($product->refresh()->load(['variants', 'pictures', 'categories', 'addOns.variants', 'addOns.addresses.marketplace.partner', 'addresses.marketplace.hosts', 'addresses.marketplace.partner', 'files.variant', 'files.versions.stored', 'sample']), $version, $this->tell->count($product), $shop, $this->clock->moment()), $status);
    }
}
