<?php

declare(strict_types=1);

use App\Http\Console\Looks\PageLookPreviewController;
use App\Http\Console\Offers\ButtonPreviewController;
use App\Http\Console\Offers\SamplePageController;
use App\Http\Console\Shop\WordsPreviewController;
use Illuminate\Support\Facades\Route;

// Pages that stand in a frame of the console.

// What is typed may be more than an address holds.
Route::post('words', WordsPreviewController::class)->can('read', 'shop');
Route::post('pages', PageLookPreviewController::class)->can('read', 'shop');
Route::post('tables', [ButtonPreviewController::class, 'table'])->can('read', 'shop');
Route::get('button', [ButtonPreviewController::class, 'button'])->can('read', 'shop');
Route::get('sample/{placement}', SamplePageController::class)->can('read', 'shop');
