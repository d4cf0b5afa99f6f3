<?php

declare(strict_types=1);

use App\Http\Console\Links\LabelClicksController;
use App\Http\Console\Links\OpenLinkController;
use Illuminate\Support\Facades\Route;

// Links by hand.

Route::get('labels', LabelClicksController::class)->can('read', 'shop');
Route::get('open-links', [OpenLinkController::class, 'show'])->can('read', 'shop');
Route::put('open-links', [OpenLinkController::class, 'change'])->can('work', 'shop');
Route::post('open-links/build', [OpenLinkController::class, 'build'])->can('read', 'shop');
