<?php

declare(strict_types=1);

use App\Http\Console\Displays\DisplayPlaceController;
use App\Http\Console\Displays\ShelfController;
use App\Http\Console\History\KeepBoth;
use App\Http\Console\Offers\ButtonTrialController;
use App\Http\Console\Offers\CopyController;
use App\Http\Console\Offers\ExampleController;
use App\Http\Console\Offers\KeepBothSentences;
use App\Http\Console\Offers\OfferController;
use App\Http\Console\Offers\OfferHistoryController;
use App\Http\Console\Offers\OfferProofController;
use App\Http\Console\Offers\OfferStateController;
use App\Http\Console\Offers\PlaceClicksController;
use App\Http\Console\Offers\PlacementController;
use App\Http\Console\Offers\PriceTableController;
use App\Http\Console\Offers\WidgetProofController;
use App\Http\Console\Once\OnlyOnce;
use Illuminate\Support\Facades\Route;

// Offers, where they hang, and price tables.

Route::get('offers', [OfferController::class, 'list'])->can('read', 'shop');
Route::post('offers', [OfferController::class, 'create'])->can('work', 'shop')->middleware(OnlyOnce::class);
Route::get('offers/blank', [OfferController::class, 'blank'])->can('read', 'shop');
Route::get('offers/examples', [ExampleController::class, 'list'])->can('read', 'shop');
Route::post('offers/examples/table', [ExampleController::class, 'table'])->can('work', 'shop')->middleware(OnlyOnce::class);
Route::get('offers/states', [OfferController::class, 'states'])->can('read', 'shop');
Route::post('offers/proof', OfferProofController::class)->name('offers.proof')->can('read', 'shop');
Route::get('offers/{offer}', [OfferController::class, 'show'])->can('read', 'shop');
Route::put('offers/{offer}', [OfferController::class, 'change'])->can('work', 'shop')->middleware(KeepBothSentences::class);
Route::post('offers/many', [OfferStateController::class, 'many'])->can('work', 'shop');
Route::post('offers/{offer}/state', [OfferStateController::class, 'one'])->can('work', 'shop');
Route::post('offers/{offer}/duplicate', [OfferController::class, 'duplicate'])->can('work', 'shop')->middleware(OnlyOnce::class);
Route::get('offers/{offer}/history', OfferHistoryController::class)->can('read', 'shop');
Route::post('offers/{offer}/placements', [PlacementController::class, 'create'])->can('work', 'shop')->middleware(OnlyOnce::class);
Route::get('placements/{placement}/clicks', PlaceClicksController::class)->can('read', 'shop');
Route::put('placements/{placement}', [PlacementController::class, 'change'])->can('work', 'shop');
Route::post('placements/{placement}/widget', WidgetProofController::class)->can('read', 'shop');
Route::post('placements/{placement}/copied', [PlacementController::class, 'copied'])->can('work', 'shop');
Route::post('placements/{placement}/trial', ButtonTrialController::class)->middleware('throttle:button-trial')->can('work', 'shop');
Route::get('copies', CopyController::class)->can('read', 'shop');
Route::get('price-tables', [PriceTableController::class, 'list'])->can('read', 'shop');
Route::post('price-tables', [PriceTableController::class, 'create'])->can('work', 'shop')->middleware(OnlyOnce::class);
Route::post('price-tables/trial', [PriceTableController::class, 'try'])->can('read', 'shop');
Route::get('price-tables/{priceTable}', [PriceTableController::class, 'show'])->can('read', 'shop');
Route::put('price-tables/{priceTable}', [PriceTableController::class, 'change'])->can('work', 'shop')->middleware(KeepBoth::class.':price_table,priceTable');
Route::post('price-tables/{priceTable}/copied', [PriceTableController::class, 'copied'])->can('work', 'shop');
Route::get('price-tables/{priceTable}/places', [DisplayPlaceController::class, 'ofTable'])->can('read', 'shop');
Route::post('price-tables/{priceTable}/places', [DisplayPlaceController::class, 'placeTable'])->can('work', 'shop')->middleware(OnlyOnce::class);
Route::get('shelves', [ShelfController::class, 'list'])->can('read', 'shop');
Route::post('shelves', [ShelfController::class, 'create'])->can('work', 'shop')->middleware(OnlyOnce::class);
Route::post('shelves/trial', [ShelfController::class, 'try'])->can('read', 'shop');
Route::get('shelves/{shelf}', [ShelfController::class, 'show'])->can('read', 'shop');
Route::put('shelves/{shelf}', [ShelfController::class, 'change'])->can('work', 'shop')->middleware(KeepBoth::class.':shelf,shelf');
Route::get('shelves/{shelf}/places', [DisplayPlaceController::class, 'ofShelf'])->can('read', 'shop');
Route::post('shelves/{shelf}/places', [DisplayPlaceController::class, 'placeShelf'])->can('work', 'shop')->middleware(OnlyOnce::class);
Route::put('display-places/{displayPlacement}', [DisplayPlaceController::class, 'change'])->can('work', 'shop');
Route::post('price-tables/{priceTable}/away', [PriceTableController::class, 'putAway'])->can('work', 'shop');
