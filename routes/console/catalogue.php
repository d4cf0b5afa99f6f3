<?php

declare(strict_types=1);

use App\Http\Console\Catalogue\PictureController;
use App\Http\Console\Catalogue\ProductCheckController;
use App\Http\Console\Catalogue\ProductController;
use App\Http\Console\Offers\OfferedProductController;
use Illuminate\Support\Facades\Route;

// Goods and their pictures.

Route::post('pictures', PictureController::class)->middleware('throttle:pictures');
Route::get('products', [ProductController::class, 'list']);
Route::post('products', [ProductController::class, 'create']);
Route::get('products/blank', [ProductController::class, 'blank']);
Route::post('products/check', ProductCheckController::class);
Route::get('products/{product}', [ProductController::class, 'show']);
Route::put('products/{product}', [ProductController::class, 'change']);
Route::post('products/{product}/place', OfferedProductController::class);
Route::post('products/{product}/moved', [ProductController::class, 'tell']);
