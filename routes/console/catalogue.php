<?php

declare(strict_types=1);

use App\Http\Console\Catalogue\PictureController;
use App\Http\Console\Catalogue\ProductCheckController;
use App\Http\Console\Catalogue\ProductController;
use App\Http\Console\History\KeepBoth;
use App\Http\Console\Offers\OfferedProductController;
use App\Http\Console\Once\OnlyOnce;
use Illuminate\Support\Facades\Route;

// Goods and their pictures.

Route::post('pictures', PictureController::class)->middleware('throttle:pictures')->can('work', 'shop');
Route::get('products', [ProductController::class, 'list'])->can('read', 'shop');
Route::post('products', [ProductController::class, 'create'])->can('work', 'shop')->middleware(OnlyOnce::class);
Route::get('products/states', [ProductController::class, 'states'])->can('read', 'shop');
Route::get('products/blank', [ProductController::class, 'blank'])->can('read', 'shop');
Route::post('products/check', ProductCheckController::class)->can('read', 'shop');
Route::get('products/{product}', [ProductController::class, 'show'])->can('read', 'shop');
Route::post('products/{product}/duplicate', [ProductController::class, 'duplicate'])->can('work', 'shop')->middleware(OnlyOnce::class);
Route::put('products/{product}', [ProductController::class, 'change'])->can('work', 'shop')->middleware(KeepBoth::class.':product,product');
Route::post('products/{product}/place', OfferedProductController::class)->can('work', 'shop');
Route::post('products/{product}/moved', [ProductController::class, 'tell'])->can('work', 'shop');
