<?php

declare(strict_types=1);

use App\Http\Console\ConsoleController;
use App\Http\Console\Session\SetUpController;
use Illuminate\Support\Facades\Route;

Route::prefix('api')->group(function (): void {
    Route::group([], __DIR__.'/console/session.php');

    Route::prefix('shops/{shop}')->middleware('auth:sanctum')->scopeBindings()->group(function (): void {
        foreach (['deleting', 'finding', 'history', 'shop', 'catalogue', 'offers', 'looks', 'links', 'partners', 'orders', 'cards', 'people'] as $feature) {
            Route::group([], __DIR__."/console/{$feature}.php");
        }
    });

    Route::any('{any}', static fn () => abort(404))->where('any', '.*');
});

Route::prefix('preview/{shop}')->middleware('auth:sanctum')->scopeBindings()->group(__DIR__.'/console/previews.php');

Route::prefix('sheets/{shop}')->middleware('auth:sanctum')->scopeBindings()->group(__DIR__.'/console/sheets.php');

// Once there are people, nothing is there.
Route::get('set-up', [SetUpController::class, 'page']);

// Every other address is a view of the console.
Route::get('{any}', ConsoleController::class)->where('any', '.*');
