<?php

declare(strict_types=1);

namespace App\Http\Console\Links;

use App\Carts\Goods;
use App\Http\Console\Shared\Answer;
use App\Http\Input;
use App\Models\Shop;
use App\OpenLinks\CouponDoubt;
use App\OpenLinks\FindOpenLinkGoods;
use App\OpenLinks\LinkGoods;
use App\OpenLinks\OpenLinkForm;
use App\OpenLinks\RefuseDrafts;
use App\Results\Labels;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;
use PaperKite\Link\InvalidOpenLink;
use PaperKite\Link\OpenDestination;
use PaperKite\Text\FormInput;

/** Links that are written by hand: how, and one built from choices. */
final readonly class OpenLinkController
{
    #[OA\Get(path: '/shops/{shop}/open-links', operationId: 'openLinks', summary: 'How links by hand work', parameters: [new OA\Parameter(ref: '#/components/parameters/shop')])]
    #[Answer(OpenLinksResource::class)]
    public function show(Shop $shop): JsonResponse
    {
        return response()->json(OpenLinksResource::of($shop));
    }

    #[OA\Put(path: '/shops/{shop}/open-links', operationId: 'changeOpenLinks', summary: 'Change how links by hand work', parameters: [new OA\Parameter(ref: '#/components/parameters/shop')])]
    #[OA\RequestBody(content: new OA\JsonContent(required: ['to'], properties: [new OA\Property(property: 'to', ref: '#/components/schemas/OpenDestination')]))]
    #[Answer(OpenLinksResource::class)]
    #[OA\Response(response: 422, ref: '#/components/responses/Refused')]
    public function change(Request $request, Shop $shop): JsonResponse
    {
        $request->validate(['to' => ['required', Rule::enum(OpenDestination::class)]]);
        $shop->update(['take_to' => OpenDestination::from(Input::text($request, 'to'))]);

        return response()->json(OpenLinksResource::of($shop));
    }

    #[OA\Post(path: '/shops/{shop}/open-links/build', operationId: 'buildOpenLink', summary: 'Build a link by hand', parameters: [new OA\Parameter(ref: '#/components/parameters/shop')])]
    #[OA\RequestBody(content: new OA\JsonContent(ref: '#/components/schemas/OpenLinkEntry'))]
    #[Answer(BuiltLinkResource::class)]
    public function build(Request $request, Shop $shop, RefuseDrafts $refuseDrafts, FindOpenLinkGoods $find, LinkGoods $named, CouponDoubt $doubt, Labels $labels): JsonResponse
    {
        $typed = FormInput::of($request->all());
        $goods = self::goods($typed->items('items'), $named($shop, $typed->items('items')));
        try {
            $link = OpenLinkForm::fromInput($typed)->link();
            $refuseDrafts($shop, $link);
            $find($shop, $link);
        } catch (InvalidOpenLink $invalid) {
            return response()->json(BuiltLinkResource::refused($invalid->getMessage(), $goods));
        }
        if ($link->from !== null) {
            $labels->keepOwn($shop, $link->from);
        }

        return response()->json(BuiltLinkResource::of($link, $shop, $doubt($shop, $link->coupon), $goods));
    }

    /**
     * @param  list<FormInput>  $items
     * @param  list<Goods|null>  $named
     * @return list<LinkGoodsResource|null>
     */
    private static function goods(array $items, array $named): array
    {
        return array_map(static fn (FormInput $item, ?Goods $goods): ?LinkGoodsResource => $goods === null ? null : LinkGoodsResource::of($item->text('sku'), $goods), $items, $named);
    }
}
