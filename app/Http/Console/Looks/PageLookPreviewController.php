<?php

declare(strict_types=1);

namespace App\Http\Console\Looks;

use App\Carts\CartContents;
use App\Carts\CartView;
use App\Carts\ContentLine;
use App\Carts\ReckonCart;
use App\Checkout\CheckoutAttempt;
use App\Checkout\CheckoutView;
use App\Http\Input;
use App\Http\Shopper\Shopfront\ListPage;
use App\Http\Shopper\Shopfront\ProductPage;
use App\Models\Product;
use App\Models\Shop;
use App\Payments\PaymentProvider;
use App\Shopfront\ShopfrontGoods;
use App\Time\Clock;
use Illuminate\Contracts\View\Factory;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use PaperKite\Catalogue\Pick;
use PaperKite\Catalogue\Quantity;

/** The shop's own pages in a look that may not be saved yet, with its own goods, and a cart that nobody filled. */
final readonly class PageLookPreviewController
{
    private const LINES = 2;

    public function __construct(
        private ListPage $list,
        private ProductPage $product,
        private ShopfrontGoods $goods,
        private ReckonCart $reckon,
        private PaymentProvider $provider,
        private Clock $clock,
        private Factory $views,
    ) {}

    public function __invoke(Request $request, Shop $shop): Response
    {
        $typed = json_decode(Input::text($request, 'look'), true);
        $look = PageLookController::entry(is_array($typed) ? $typed : [], $shop)->look;
        $shop->page_look = $look;
        $this->views->share(['isPreview' => true, 'sheet' => $look->cssFor(Input::text($request, 'scheme') === 'dark')]);
        $some = array_values($this->goods->available($shop, self::LINES)->all());
        $page = match (Input::text($request, 'what')) {
            'product' => isset($some[0]) ? $this->product->shown($request, $shop, $some[0], null, '1', '') : $this->list->shown($request, $shop),
            'cart' => $this->cart($shop, $some),
            'checkout' => $this->checkout($shop, $some),
            default => $this->list->shown($request, $shop),
        };

        return $page->header('Content-Security-Policy', "sandbox allow-same-origin; default-src 'none'; style-src 'self' 'unsafe-inline'; font-src 'self'; img-src 'self'; base-uri 'none'; frame-ancestors 'self'");
    }

    /** @param  list<Product>  $goods */
    private function cart(Shop $shop, array $goods): Response
    {
        return response()->view('shop.cart', [
            'shop' => $shop, 'view' => $goods === [] ? null : $this->view($shop, self::contents($goods)), 'taken' => [], 'joined' => null,
            'quantities' => [], 'errors' => [], 'couponTyped' => '', 'couponError' => null, 'suggestions' => [],
        ]);
    }

    /** @param  list<Product>  $goods */
    private function checkout(Shop $shop, array $goods): Response
    {
        if ($goods === []) {
            return $this->cart($shop, $goods);
        }
        $contents = self::contents($goods);
        $view = CheckoutView::of($shop, '', $contents, $this->view($shop, $contents), CheckoutAttempt::begun([], null), null, $this->provider->ways());

        return response()->view('shop.checkout', ['shop' => $shop, 'view' => $view, 'taken' => [], 'takesCards' => false, 'joined' => null, 'isSignedIn' => false]);
    }

    private function view(Shop $shop, CartContents $contents): CartView
    {
        return CartView::of($contents, ($this->reckon)($shop, $contents, $shop->home_country), $shop, $this->clock->moment());
    }

    /** @param  list<Product>  $goods */
    private static function contents(array $goods): CartContents
    {
        return new CartContents(array_map(static function (Product $product, int $line): ContentLine {
            $core = $product->toCore();
            $variant = $core->variants[0] ?? null;

            return new ContentLine($line + 1, new Pick($core, Quantity::of($product->kind->isMoneyItself() ? 1 : $line + 1), $variant), $product->lead()->path ?? '', [], null, []);
        }, $goods, array_keys($goods)), null);
    }
}
