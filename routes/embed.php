<?php

declare(strict_types=1);

use App\Http\Embed\WidgetController;
use Illuminate\Support\Facades\Route;

// What pages of other sites ask: no session, no cookie, no page.

Route::prefix('embed')->middleware('embed')->group(function (): void {
    Route::get('data', WidgetController::class);
    Route::any('{any}', static fn () => abort(404))->where('any', '.*');
});
