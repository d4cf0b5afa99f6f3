<?php

declare(strict_types=1);

use App\Http\Console\History\KeepBoth;
use App\Http\Console\Once\OnlyOnce;
use App\Http\Console\Partners\CommissionController;
use App\Http\Console\Partners\EarningsController;
use App\Http\Console\Partners\ItemPageController;
use App\Http\Console\Partners\PartnerController;
use App\Http\Console\Partners\PartnerRulesController;
use App\Http\Console\Partners\PriceController;
use App\Http\Console\Partners\ReportController;
use Illuminate\Support\Facades\Route;

// Partners and their marketplaces.

Route::get('partners', [PartnerController::class, 'list'])->can('read', 'shop');
Route::put('partners/referrer', [PartnerController::class, 'changeReferrer'])->can('work', 'shop');
Route::post('partners/ready/{key}', [PartnerController::class, 'addReady'])->can('work', 'shop')->middleware(OnlyOnce::class);
Route::post('marketplaces', [PartnerController::class, 'create'])->can('work', 'shop')->middleware(OnlyOnce::class);
Route::post('marketplaces/trial', [PartnerController::class, 'try'])->can('read', 'shop');
Route::put('marketplaces/{marketplace}', [PartnerController::class, 'change'])->can('work', 'shop')->middleware(KeepBoth::class.':marketplace,marketplace');
Route::post('marketplaces/{marketplace}/away', [PartnerController::class, 'putAway'])->can('work', 'shop');

// What they cost, say and pay.

Route::get('partners/rules', [PartnerRulesController::class, 'show'])->can('read', 'shop');
Route::put('partners/rules', [PartnerRulesController::class, 'change'])->can('work', 'shop')->middleware(KeepBoth::class.':partner_rules');
Route::post('partners/page', ItemPageController::class)->can('work', 'shop')->middleware('throttle:item-page');
Route::get('prices', [PriceController::class, 'list'])->can('read', 'shop');
Route::post('prices/acts', [PriceController::class, 'act'])->can('work', 'shop');
Route::get('commission', [CommissionController::class, 'list'])->can('read', 'shop');
Route::get('commission/{address}/break-even', [CommissionController::class, 'breakEven'])->can('read', 'shop')->whereNumber('address');
Route::get('earnings', EarningsController::class)->can('read', 'shop');
Route::get('reports', [ReportController::class, 'list'])->can('read', 'shop');
Route::post('reports', [ReportController::class, 'upload'])->can('work', 'shop')->middleware('throttle:pictures');
Route::get('reports/{report}', [ReportController::class, 'show'])->can('read', 'shop');
Route::delete('reports/{report}', [ReportController::class, 'drop'])->can('work', 'shop');
Route::get('reports/{report}/columns', [ReportController::class, 'open'])->can('read', 'shop');
Route::post('reports/{report}/trial', [ReportController::class, 'try'])->can('work', 'shop');
Route::post('reports/{report}/read', [ReportController::class, 'read'])->can('work', 'shop');
Route::post('reports/{report}/back', [ReportController::class, 'takeBack'])->can('work', 'shop');
