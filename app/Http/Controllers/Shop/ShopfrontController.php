<?php

declare(strict_types=1);

namespace App\Http\Controllers\Shop;

use App\Models\Product;
use App\Models\Shop;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

final readonly class ShopfrontController
{
    private const PER_PAGE = 24;

    public function list(Shop $shop): Response
    {
        return response()->view('shop.list', [
            'shop' => $shop,
            'products' => Product::query()->where('shop_id', $shop->id)->orderBy('name')->orderBy('id')->simplePaginate(self::PER_PAGE),
        ]);
    }

    public function product(Request $request, Shop $shop, string $sku): Response
    {
        return response()->view('shop.product', [
            'shop' => $shop,
            'product' => Product::query()->where(['shop_id' => $shop->id, 'sku' => $sku])->firstOrFail(),
            'quantity' => $request->string('quantity', '1')->toString(),
            'code' => $request->string('k')->toString(),
            'error' => null,
        ]);
    }
}
