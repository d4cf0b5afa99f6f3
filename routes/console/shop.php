<?php

declare(strict_types=1);

use App\Http\Console\Shop\CheckoutRulesController;
use App\Http\Console\Shop\CouponController;
use App\Http\Console\Shop\FirstRulesController;
use App\Http\Console\Shop\NamesController;
use App\Http\Console\Shop\PayeeController;
use App\Http\Console\Shop\RulesController;
use App\Http\Console\Shop\ShopController;
use App\Http\Console\Shop\ShopfrontRulesController;
use App\Http\Console\Shop\TroubleController;
use App\Http\Console\Shop\WordsController;
use Illuminate\Support\Facades\Route;

// What a shop says of itself: its rules, checkout, shopfront, names, coupons.

Route::get('', [ShopController::class, 'show']);
Route::get('rules', [RulesController::class, 'show']);
Route::put('rules', [RulesController::class, 'change']);
Route::post('rules/first-zone', [FirstRulesController::class, 'zone']);
Route::post('rules/first-rate', [FirstRulesController::class, 'rate']);
Route::post('rules/trial', [RulesController::class, 'try']);
Route::get('checkout', [CheckoutRulesController::class, 'show']);
Route::put('checkout', [CheckoutRulesController::class, 'change']);
Route::get('coupons', [CouponController::class, 'list']);
Route::post('coupons', [CouponController::class, 'create']);
Route::put('coupons/{coupon}', [CouponController::class, 'change']);
Route::get('shopfront', [ShopfrontRulesController::class, 'show']);
Route::put('shopfront', [ShopfrontRulesController::class, 'change']);
Route::put('names', NamesController::class);
Route::put('payee', PayeeController::class)->middleware('throttle:sign-in');
Route::get('words', [WordsController::class, 'show']);
Route::put('words', [WordsController::class, 'change']);
Route::get('troubles', TroubleController::class);
