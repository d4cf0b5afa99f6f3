<?php

declare(strict_types=1);

use App\Http\Embed\AddController;
use App\Http\Embed\ButtonSheetController;
use App\Http\Embed\EmbedHeaders;
use App\Http\Embed\SeenController;
use App\Http\Embed\SeenLimit;
use App\Http\Embed\WidgetCartController;
use App\Http\Embed\WidgetController;
use App\Http\Embed\WidgetLimit;
use Illuminate\Support\Facades\Route;

// What pages of other sites ask: no session, no cookie, no page.

// Counts ask for no shop: which it is, whoever writes them down finds out.
Route::post('embed/seen', SeenController::class)->middleware([EmbedHeaders::class, SeenLimit::class]);

Route::prefix('embed')->middleware('embed')->group(function (): void {
    Route::get('data', WidgetController::class);
    Route::get('{digest}.css', ButtonSheetController::class)->where('digest', '[0-9a-f]{32}');
    Route::middleware(WidgetLimit::class)->group(function (): void {
        Route::post('cart', [WidgetCartController::class, 'show']);
        Route::post('cart/add', AddController::class);
        Route::post('cart/edit', [WidgetCartController::class, 'edit']);
        Route::post('cart/hand-over', [WidgetCartController::class, 'handOver']);
    });
    Route::any('{any}', static fn () => abort(404))->where('any', '.*');
});
