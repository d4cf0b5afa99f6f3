<?php

declare(strict_types=1);

use App\Http\Console\Offers\ButtonTrialController;
use App\Http\Console\Offers\CopyController;
use App\Http\Console\Offers\ExampleController;
use App\Http\Console\Offers\OfferController;
use App\Http\Console\Offers\OfferHistoryController;
use App\Http\Console\Offers\OfferProofController;
use App\Http\Console\Offers\OfferStateController;
use App\Http\Console\Offers\PlacementController;
use App\Http\Console\Offers\PriceTableController;
use App\Http\Console\Offers\WidgetProofController;
use Illuminate\Support\Facades\Route;

// Offers, where they hang, and price tables.

Route::get('offers', [OfferController::class, 'list']);
Route::post('offers', [OfferController::class, 'create']);
Route::get('offers/blank', [OfferController::class, 'blank']);
Route::get('offers/examples', [ExampleController::class, 'list']);
Route::post('offers/examples/table', [ExampleController::class, 'table']);
Route::post('offers/proof', OfferProofController::class)->name('offers.proof');
Route::get('offers/{offer}', [OfferController::class, 'show']);
Route::put('offers/{offer}', [OfferController::class, 'change']);
Route::post('offers/{offer}/state', OfferStateController::class);
Route::post('offers/{offer}/duplicate', [OfferController::class, 'duplicate']);
Route::get('offers/{offer}/history', OfferHistoryController::class);
Route::post('offers/{offer}/placements', [PlacementController::class, 'create']);
Route::put('placements/{placement}', [PlacementController::class, 'change']);
Route::post('placements/{placement}/widget', WidgetProofController::class);
Route::post('placements/{placement}/copied', [PlacementController::class, 'copied']);
Route::post('placements/{placement}/trial', ButtonTrialController::class)->middleware('throttle:button-trial');
Route::get('copies', CopyController::class);
Route::get('price-tables', [PriceTableController::class, 'list']);
Route::post('price-tables', [PriceTableController::class, 'create']);
Route::get('price-tables/{priceTable}', [PriceTableController::class, 'show']);
Route::put('price-tables/{priceTable}', [PriceTableController::class, 'change']);
Route::post('price-tables/{priceTable}/copied', [PriceTableController::class, 'copied']);
Route::post('price-tables/{priceTable}/away', [PriceTableController::class, 'putAway']);
