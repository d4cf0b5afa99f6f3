<?php

declare(strict_types=1);

use App\Http\Console\History\KeepBoth;
use App\Http\Console\Once\OnlyOnce;
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

Route::get('', [ShopController::class, 'show'])->can('read', 'shop');
Route::get('rules', [RulesController::class, 'show'])->can('read', 'shop');
Route::put('rules', [RulesController::class, 'change'])->can('work', 'shop')->middleware(KeepBoth::class.':rules');
Route::post('rules/first-zone', [FirstRulesController::class, 'zone'])->can('work', 'shop')->middleware(OnlyOnce::class);
Route::post('rules/first-rate', [FirstRulesController::class, 'rate'])->can('work', 'shop')->middleware(OnlyOnce::class);
Route::post('rules/trial', [RulesController::class, 'try'])->can('read', 'shop');
Route::get('checkout', [CheckoutRulesController::class, 'show'])->can('read', 'shop');
Route::put('checkout', [CheckoutRulesController::class, 'change'])->can('work', 'shop')->middleware(KeepBoth::class.':checkout');
Route::get('coupons', [CouponController::class, 'list'])->can('read', 'shop');
Route::post('coupons', [CouponController::class, 'create'])->can('work', 'shop')->middleware(OnlyOnce::class);
Route::put('coupons/{coupon}', [CouponController::class, 'change'])->can('work', 'shop')->middleware(KeepBoth::class.':coupon,coupon');
Route::get('shopfront', [ShopfrontRulesController::class, 'show'])->can('read', 'shop');
Route::put('shopfront', [ShopfrontRulesController::class, 'change'])->can('work', 'shop')->middleware(KeepBoth::class.':shopfront');
Route::put('names', NamesController::class)->can('work', 'shop');
Route::put('payee', PayeeController::class)->middleware('throttle:sign-in')->can('payee', 'shop');
Route::get('words', [WordsController::class, 'show'])->can('read', 'shop');
Route::put('words', [WordsController::class, 'change'])->can('work', 'shop')->middleware(KeepBoth::class.':words');
Route::get('troubles', TroubleController::class)->can('read', 'shop');
