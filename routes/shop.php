<?php

declare(strict_types=1);

use App\HotLane\KeepAnswer;
use App\Http\Shopper\Account\AccountController;
use App\Http\Shopper\Cards\GiftCardController;
use App\Http\Shopper\Cart\AddController;
use App\Http\Shopper\Cart\CartController;
use App\Http\Shopper\Cart\HandOverController;
use App\Http\Shopper\Checkout\CancelledController;
use App\Http\Shopper\Checkout\CheckoutController;
use App\Http\Shopper\Checkout\DownloadController;
use App\Http\Shopper\Checkout\KnowCheckout;
use App\Http\Shopper\Checkout\PaymentEventController;
use App\Http\Shopper\Checkout\ReturnController;
use App\Http\Shopper\Checkout\ThankYouController;
use App\Http\Shopper\FindShop;
use App\Http\Shopper\Found\GoodsFeedController;
use App\Http\Shopper\Found\RobotsController;
use App\Http\Shopper\Found\SitemapController;
use App\Http\Shopper\KeepPage;
use App\Http\Shopper\Offers\OfferController;
use App\Http\Shopper\Offers\PartnerLinkController;
use App\Http\Shopper\Offers\PlacementController;
use App\Http\Shopper\Offers\TakeController;
use App\Http\Shopper\Shopfront\SeenController;
use App\Http\Shopper\Shopfront\ShopfrontController;
use App\Http\Shopper\Shopfront\StockWishController;
use App\Http\Shopper\Shopfront\TextController;
use App\Http\Shopper\ShopperHeaders;
use Illuminate\Support\Facades\Route;

// A placement link finds its shop in the one read that finds its offer.
Route::get('/k/{code}', PlacementController::class)->middleware([KeepAnswer::class, ShopperHeaders::class]);
// A QR code writes its address in capitals.
Route::get('/K/{code}', PlacementController::class)->middleware([KeepAnswer::class, ShopperHeaders::class]);
Route::get('/o/{code}', [OfferController::class, 'show'])->middleware(ShopperHeaders::class);

// The provider signs what it sends; it is no page of ours.
Route::post('/events/payments', PaymentEventController::class)->middleware(FindShop::class);

Route::middleware('shopper')->group(function (): void {
    Route::middleware(KeepPage::class)->group(function (): void {
        Route::get('/', [ShopfrontController::class, 'list']);
        Route::get('/p/{sku}', [ShopfrontController::class, 'product']);
        Route::get('/terms', [TextController::class, 'terms']);
        Route::get('/policy', [TextController::class, 'policy']);

        Route::get('/robots.txt', RobotsController::class);
        Route::get('/sitemap.xml', [SitemapController::class, 'index']);
        Route::get('/sitemap-{number}.xml', [SitemapController::class, 'file'])->where('number', '[1-9][0-9]{0,3}');
        Route::get('/goods.json', GoodsFeedController::class);
    });
    Route::get('/p/{sku}/seen', SeenController::class);

    Route::post('/p/{sku}/back', [StockWishController::class, 'ask']);
    Route::get('/back/{secret}', [StockWishController::class, 'show'])->where('secret', '[0-9a-f]{40}');
    Route::post('/back/{secret}', [StockWishController::class, 'end'])->where('secret', '[0-9a-f]{40}');

    Route::get('/to/{sku}', PartnerLinkController::class);

    Route::get('/take/{items?}', TakeController::class)->where('items', '.*');

    Route::post('/o/{code}', [OfferController::class, 'submit']);

    Route::get('/cart', [CartController::class, 'show']);
    Route::post('/cart', [CartController::class, 'edit']);
    Route::post('/cart/add', AddController::class);
    Route::get('/hand-over/{token}', HandOverController::class);

    Route::get('/return/{reference}', ReturnController::class);
    Route::get('/cancelled/{reference}', CancelledController::class);
    Route::get('/thanks/{token}', [ThankYouController::class, 'show']);
    Route::get('/thanks/{token}/calendar.ics', [ThankYouController::class, 'calendar']);
    Route::post('/thanks/{token}', [ThankYouController::class, 'ask']);

    Route::get('/download/{secret}', [DownloadController::class, 'show'])->where('secret', '[0-9a-f]{40}');
    Route::post('/download/{secret}', [DownloadController::class, 'begin'])->where('secret', '[0-9a-f]{40}');
    Route::get('/file/{secret}', [DownloadController::class, 'file'])->where('secret', '[0-9a-f]{40}');

    Route::get('/card', [GiftCardController::class, 'ask']);
    Route::post('/card', [GiftCardController::class, 'show']);
    Route::get('/gift/{secret}', [GiftCardController::class, 'card'])->where('secret', '[0-9a-f]{40}');

    Route::get('/account', [AccountController::class, 'show']);
    Route::post('/account', [AccountController::class, 'ask']);
    Route::post('/account/sign-out', [AccountController::class, 'signOut']);
    Route::get('/link/{token}', [AccountController::class, 'link']);
    Route::post('/link/{token}', [AccountController::class, 'use']);

    // The seller names the checkout's address; the ones that it had lead on.
    Route::middleware(KnowCheckout::class)->where(['checkout' => '[a-z0-9-]{2,40}', 'ref' => '[0-9A-Za-z_-]{12}'])->group(function (): void {
        Route::get('/{checkout}/{ref}', [CheckoutController::class, 'show']);
        Route::post('/{checkout}/{ref}', [CheckoutController::class, 'submit']);
    });

    // Any other address of a shop says so in the shop's look, and a former host leads on.
    Route::get('{any}', static fn () => abort(404))->where('any', '.*');
});
