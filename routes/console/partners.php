<?php

declare(strict_types=1);

use App\Http\Console\History\KeepBoth;
use App\Http\Console\Once\OnlyOnce;
use App\Http\Console\Partners\PartnerController;
use Illuminate\Support\Facades\Route;

// Partners and their marketplaces.

Route::get('partners', [PartnerController::class, 'list'])->can('read', 'shop');
Route::put('partners/referrer', [PartnerController::class, 'changeReferrer'])->can('work', 'shop');
Route::post('partners/ready/{key}', [PartnerController::class, 'addReady'])->can('work', 'shop')->middleware(OnlyOnce::class);
Route::post('marketplaces', [PartnerController::class, 'create'])->can('work', 'shop')->middleware(OnlyOnce::class);
Route::post('marketplaces/trial', [PartnerController::class, 'try'])->can('read', 'shop');
Route::put('marketplaces/{marketplace}', [PartnerController::class, 'change'])->can('work', 'shop')->middleware(KeepBoth::class.':marketplace,marketplace');
Route::post('marketplaces/{marketplace}/away', [PartnerController::class, 'putAway'])->can('work', 'shop');
