<?php

declare(strict_types=1);

use App\Http\Console\Catalogue\FileController;
use App\Http\Console\Catalogue\PictureController;
use App\Http\Console\Catalogue\ProductCheckController;
use App\Http\Console\Catalogue\ProductController;
use App\Http\Console\Catalogue\SampleController;
use App\Http\Console\Catalogue\UploadController;
use App\Http\Console\History\KeepBoth;
use App\Http\Console\Offers\OfferedProductController;
use App\Http\Console\Once\OnlyOnce;
use Illuminate\Support\Facades\Route;

// Goods, their pictures and their files.

Route::post('pictures', PictureController::class)->middleware('throttle:pictures')->can('work', 'shop');
Route::post('uploads', [UploadController::class, 'begin'])->middleware('throttle:pictures')->can('work', 'shop');
Route::get('uploads/{upload}', [UploadController::class, 'show'])->can('read', 'shop');
Route::put('uploads/{upload}', [UploadController::class, 'take'])->can('work', 'shop');
Route::delete('uploads/{upload}', [UploadController::class, 'drop'])->can('work', 'shop');
Route::post('files', [FileController::class, 'add'])->can('work', 'shop');
Route::post('files/{file}/versions', [FileController::class, 'replace'])->can('work', 'shop');
Route::post('samples', [SampleController::class, 'add'])->middleware('throttle:pictures')->can('work', 'shop');
Route::get('samples/{sample}', [SampleController::class, 'show'])->can('read', 'shop');

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
