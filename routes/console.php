<?php

declare(strict_types=1);

use App\Http\Controllers\Console\ButtonPreviewController;
use App\Http\Controllers\Console\ButtonTrialController;
use App\Http\Controllers\Console\CheckoutRulesController;
use App\Http\Controllers\Console\ConsoleController;
use App\Http\Controllers\Console\CopyController;
use App\Http\Controllers\Console\CouponController;
use App\Http\Controllers\Console\LookController;
use App\Http\Controllers\Console\NamesController;
use App\Http\Controllers\Console\OfferController;
use App\Http\Controllers\Console\OfferHistoryController;
use App\Http\Controllers\Console\OfferProofController;
use App\Http\Controllers\Console\OfferStateController;
use App\Http\Controllers\Console\OpenLinkController;
use App\Http\Controllers\Console\OrderController;
use App\Http\Controllers\Console\PayeeController;
use App\Http\Controllers\Console\PictureController;
use App\Http\Controllers\Console\PlacementController;
use App\Http\Controllers\Console\PriceTableController;
use App\Http\Controllers\Console\ProductCheckController;
use App\Http\Controllers\Console\ProductController;
use App\Http\Controllers\Console\RefusedEventController;
use App\Http\Controllers\Console\RulesController;
use App\Http\Controllers\Console\ShopController;
use App\Http\Controllers\Console\ShopfrontRulesController;
use App\Http\Controllers\Console\SignInController;
use App\Http\Controllers\Console\TroubleController;
use Illuminate\Support\Facades\Route;

Route::prefix('api')->group(function (): void {
    Route::post('sign-in', [SignInController::class, 'signIn'])->middleware('throttle:sign-in');

    Route::get('me', [SignInController::class, 'me']);

    Route::middleware('auth:sanctum')->group(function (): void {
        Route::post('sign-out', [SignInController::class, 'signOut']);

        Route::prefix('shops/{shop}')->middleware('can:work,shop')->scopeBindings()->group(function (): void {
            Route::get('', [ShopController::class, 'show']);

            Route::get('rules', [RulesController::class, 'show']);
            Route::put('rules', [RulesController::class, 'change']);
            Route::post('rules/trial', [RulesController::class, 'try']);
            Route::get('checkout', [CheckoutRulesController::class, 'show']);
            Route::put('checkout', [CheckoutRulesController::class, 'change']);
            Route::get('open-links', [OpenLinkController::class, 'show']);
            Route::put('open-links', [OpenLinkController::class, 'change']);
            Route::post('open-links/build', [OpenLinkController::class, 'build']);
            Route::get('coupons', [CouponController::class, 'list']);
            Route::post('coupons', [CouponController::class, 'create']);
            Route::put('coupons/{coupon}', [CouponController::class, 'change']);
            Route::get('shopfront', [ShopfrontRulesController::class, 'show']);
            Route::put('shopfront', [ShopfrontRulesController::class, 'change']);
            Route::put('names', NamesController::class);
            Route::put('payee', PayeeController::class)->middleware('throttle:sign-in');

            Route::post('pictures', PictureController::class)->middleware('throttle:pictures');
            Route::get('products', [ProductController::class, 'list']);
            Route::post('products', [ProductController::class, 'create']);
            Route::post('products/check', ProductCheckController::class);
            Route::get('products/{product}', [ProductController::class, 'show']);
            Route::put('products/{product}', [ProductController::class, 'change']);

            Route::get('offers', [OfferController::class, 'list']);
            Route::post('offers', [OfferController::class, 'create']);
            Route::get('offers/blank', [OfferController::class, 'blank']);
            Route::post('offers/proof', OfferProofController::class)->name('offers.proof');
            Route::get('offers/{offer}', [OfferController::class, 'show']);
            Route::put('offers/{offer}', [OfferController::class, 'change']);
            Route::post('offers/{offer}/state', OfferStateController::class);
            Route::post('offers/{offer}/duplicate', [OfferController::class, 'duplicate']);
            Route::get('offers/{offer}/history', OfferHistoryController::class);
            Route::post('offers/{offer}/placements', [PlacementController::class, 'create']);
            Route::put('placements/{placement}', [PlacementController::class, 'change']);
            Route::post('placements/{placement}/copied', [PlacementController::class, 'copied']);
            Route::post('placements/{placement}/trial', ButtonTrialController::class)->middleware('throttle:button-trial');
            Route::get('copies', CopyController::class);

            Route::get('looks', [LookController::class, 'list']);
            Route::post('looks', [LookController::class, 'create']);
            Route::post('looks/trial', [LookController::class, 'try']);
            Route::put('looks/{look}', [LookController::class, 'change']);
            Route::post('looks/{look}/earlier', [LookController::class, 'putBack']);
            Route::post('looks/{look}/usual', [LookController::class, 'makeUsual']);
            Route::post('looks/{look}/away', [LookController::class, 'putAway']);

            Route::get('price-tables', [PriceTableController::class, 'list']);
            Route::post('price-tables', [PriceTableController::class, 'create']);
            Route::get('price-tables/{priceTable}', [PriceTableController::class, 'show']);
            Route::put('price-tables/{priceTable}', [PriceTableController::class, 'change']);
            Route::post('price-tables/{priceTable}/copied', [PriceTableController::class, 'copied']);
            Route::post('price-tables/{priceTable}/away', [PriceTableController::class, 'putAway']);

            Route::get('orders', [OrderController::class, 'list']);
            Route::get('orders/{order:number}', [OrderController::class, 'show']);
            Route::get('refused-events', RefusedEventController::class);
            Route::get('troubles', TroubleController::class);
        });
    });

    Route::any('{any}', static fn () => abort(404))->where('any', '.*');
});

Route::prefix('preview/{shop}')->middleware(['auth:sanctum', 'can:work,shop'])->scopeBindings()->group(function (): void {
    Route::get('button', [ButtonPreviewController::class, 'button']);
    Route::get('tables/{priceTable}', [ButtonPreviewController::class, 'table']);
});

// Every other address is a view of the console.
Route::get('{any}', ConsoleController::class)->where('any', '.*');
