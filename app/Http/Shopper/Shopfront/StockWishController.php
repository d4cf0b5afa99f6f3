<?php

declare(strict_types=1);

namespace App\Http\Shopper\Shopfront;

use App\Http\Input;
use App\Http\Shopper\ReadCaller;
use App\Models\Shop;
use App\Shopfront\FindGoods;
use App\Shoppers\WishForStock;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use PaperKite\Text\EmailAddress;
use PaperKite\Text\InvalidAddress;
use Symfony\Component\HttpFoundation\Response as Answer;

/** Asking to be told when something is back, and ending it. */
final readonly class StockWishController
{
    public function __construct(
        private FindGoods $find,
        private WishForStock $wishes,
        private ProductPage $page,
        private ReadCaller $caller,
    ) {}

    public function ask(Request $request, Shop $shop, string $sku): Answer
    {
        $product = $this->find->bySku($shop, $sku)->product ?? abort(404);
        $say = $shop->wording();
        try {
            $address = EmailAddress::of(Input::text($request, 'email'));
        } catch (InvalidAddress $invalid) {
            return $this->page->corrected($request, $shop, $product, [], '1', '', ['back' => $say->refusal($invalid)]);
        }
        if (! $this->wishes->ask($shop, $product, $address, $say->say('back.consent', shop: $shop->name), ($this->caller)($request))) {
            return $this->page->corrected($request, $shop, $product, [], '1', '', ['back' => $say->say('back.too_many')]);
        }

        return new RedirectResponse('/p/'.rawurlencode($product->sku).'?after=asked', Answer::HTTP_SEE_OTHER);
    }

    /** Opening a mailed address does nothing yet: mail programs open it too. */
    public function show(Request $request, Shop $shop, string $secret): Response
    {
        $wish = $this->wishes->find($shop, $secret) ?? abort(404);

        return response()->view('shop.back', ['shop' => $shop, 'secret' => $secret, 'isEnded' => $wish->ended_at !== null, 'name' => $wish->product->name], 200, ['X-Robots-Tag' => 'noindex']);
    }

    public function end(Shop $shop, string $secret): RedirectResponse
    {
        $this->wishes->end($this->wishes->find($shop, $secret) ?? abort(404));

        return new RedirectResponse("/back/{$secret}", Answer::HTTP_SEE_OTHER);
    }
}
