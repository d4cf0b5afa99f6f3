<?php

declare(strict_types=1);

namespace App\Http\Console\Links;

use App\Http\Console\Shared\Answer;
use App\Http\Input;
use App\Models\Shop;
use App\OpenLinks\FindOpenLinkGoods;
use App\OpenLinks\RefuseDrafts;
use App\Results\Labels;
use App\Time\Clock;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;
use PaperKite\Link\InvalidOpenLink;
use PaperKite\Link\OpenDestination;
use PaperKite\Link\OpenLink;
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
    public function build(Request $request, Shop $shop, FindOpenLinkGoods $find, Labels $labels, Clock $clock): JsonResponse
    {
        try {
            $link = $this->read(FormInput::of($request->all()));
            RefuseDrafts::in($shop, $link);
            $find($shop, $link);
        } catch (InvalidOpenLink $invalid) {
            return response()->json(BuiltLinkResource::refused($invalid->getMessage()));
        }
        if ($link->from !== null) {
            $labels->keepOwn($shop, $link->from);
        }

        return response()->json(BuiltLinkResource::of($link, $shop, $clock->now()));
    }

    /**
     * Written as a link would be, and read as one, so that what is built is what would be followed.
     *
     * @throws InvalidOpenLink
     */
    private function read(FormInput $typed): OpenLink
    {
        $items = array_map(static fn (FormInput $item): string => (trim($item->text('quantity')) === '1' ? '' : trim($item->text('quantity')).'*').$item->text('sku'), $typed->items('items'));
        $given = array_filter(['to' => $typed->text('to'), 'coupon' => $typed->text('coupon'), 'back' => $typed->text('back'), 'from' => $typed->text('from')], static fn (string $text): bool => $text !== '');

        return OpenLink::read(implode(',', array_map(rawurlencode(...), $items)), http_build_query($given));
    }
}
