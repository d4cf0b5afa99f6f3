<?php

declare(strict_types=1);

use App\Http\Console\Partners\PartnerController;
use Illuminate\Support\Facades\Route;

// Partners and their marketplaces.

Route::get('partners', [PartnerController::class, 'list']);
Route::put('partners/referrer', [PartnerController::class, 'changeReferrer']);
Route::post('partners/ready/{key}', [PartnerController::class, 'addReady']);
Route::post('marketplaces', [PartnerController::class, 'create']);
Route::post('marketplaces/trial', [PartnerController::class, 'try']);
Route::put('marketplaces/{marketplace}', [PartnerController::class, 'change']);
Route::post('marketplaces/{marketplace}/away', [PartnerController::class, 'putAway']);
